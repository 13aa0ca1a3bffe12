import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { runningMarks, type Station } from '@dormer/core/design/layout/forScreens';
import type { Plan } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/say/scene';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../../ui';
import { OnPaper, PaperLine } from '../../../ui/OnPaper';
import { SceneView } from '../../../drawing';
import { useLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';
import { marksAt, measured } from './WallMarks';

const DRAWING = { width: 320, height: 420 } as const;
const WALLS = ['left', 'back', 'right', 'face'] as const;

/** The sheet for the person with the pencil: the running marks, then one block for each wall. */
export function MarksPrint({ job, plan }: { job: Job; plan: Plan }) {
  return (
    <OnPaper>
      <Printed job={job} plan={plan} />
    </OnPaper>
  );
}

function Printed({ job, plan }: { job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const scene = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  return (
    <View style={styles.sheet} testID="marks-sheet">
      <Txt kind="title">{job.name}</Txt>
      <Txt>{words(plan.levelLine, job)}</Txt>
      <View style={styles.top}>
        <SceneView scene={scene} reader={job} size={DRAWING} ground="panel" />
        <View style={styles.marks}>
          <Txt kind="strong">{label('pole.running')}</Txt>
          {runningMarks(plan.marks)
            .reverse()
            .map((mark) => (
              <PaperLine
                small
                key={`${mark.shelf}-${mark.what}`}
                cells={[
                  label('marks.name', { shelf: mark.shelf, what: label(`mark.${mark.what}`) }),
                  lengthWords(mark.up.mm, job),
                ]}
              />
            ))}
        </View>
      </View>
      {WALLS.map((wall) => {
        const stations = plan.stations.filter((station) => station.wall === wall);
        return chunked(stations).map((some) => (
          <Wall key={some[0]?.id ?? wall} stations={some} plan={plan} job={job} />
        ));
      })}
      {plan.cautions
        .filter((caution) => caution.stage === 'shelves')
        .map((caution) => (
          <Txt key={caution.message.code} kind="small">
            {words(caution.message, job)}
          </Txt>
        ))}
    </View>
  );
}

/** A wall with many studs takes several blocks: a sheet is so wide. */
function chunked(stations: readonly Station[]): (readonly Station[])[] {
  const blocks = Math.ceil(stations.length / STATIONS_WIDE);
  return Array.from({ length: blocks }, (_, i) => stations.slice(i * STATIONS_WIDE, (i + 1) * STATIONS_WIDE));
}

const STATIONS_WIDE = 3;

/** One wall: every mark from the level line, and from floor and ceiling at each place along it. */
function Wall({ stations, plan, job }: { stations: readonly Station[]; plan: Plan; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const from = ['floor', 'ceiling'] as const;
  return (
    <View style={styles.wall}>
      <PaperLine
        small
        head
        cells={[
          '',
          label('wall.paper.line'),
          ...stations.flatMap((station) =>
            from.map((way) => label(`wall.paper.${way}`, { station: words(station.name, job) })),
          ),
        ]}
      />
      {marksAt(plan, stations).map((mark) => (
        <PaperLine
          small
          key={`${mark.shelf}-${mark.what}`}
          cells={[
            label('marks.name', { shelf: mark.shelf, what: label(`mark.${mark.what}`) }),
            (mark.fromLevelLine.mm > 0 ? '+' : '') + lengthWords(mark.fromLevelLine.mm, job),
            ...stations.flatMap((station) =>
              from.map((way) => {
                const figure = station.shelves.includes(mark.shelf) ? measured(mark, station, way, job) : null;
                return figure ? lengthWords(figure.mm, job) : '–';
              }),
            ),
          ]}
        />
      ))}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    sheet: { padding: SPACE.two, gap: SPACE.one },
    top: { flexDirection: 'row', gap: SPACE.three },
    marks: { flex: 1 },
    wall: { paddingTop: SPACE.one, breakInside: 'avoid' } as object,
  }),
);
