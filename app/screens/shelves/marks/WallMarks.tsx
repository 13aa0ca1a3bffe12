import ChevronLeft from 'lucide-react-native/icons/chevron-left';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import Printer from 'lucide-react-native/icons/printer';
import Ruler from 'lucide-react-native/icons/ruler';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Figure } from '@dormer/core/base/figure';
import type { Job } from '@dormer/core/job/document';
import { fromThere, runningMarks, type Station, type WallMark } from '@dormer/core/design/layout/forScreens';
import type { Plan } from '@dormer/core/plan';
import { aboutWords, words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Section, Segmented, Txt } from '../../../ui';
import { Why } from '../../../parts/Why';
import { useLabel } from '../../../labels';
import { makeStyles, SPACE } from '../../../theme';
import { PoleSheet } from './PoleSheet';

interface WallMarksProps {
  readonly plan: Plan;
  readonly job: Job;
  /** Where one stands, by its place in the walk. */
  readonly at: number;
  readonly onPrint: () => void;
}

const FROM = ['line', 'floor', 'ceiling', 'mark'] as const;
export type From = (typeof FROM)[number];

/** What a mark is, measured from one thing or another where one stands; null where that is not known. */
export function measured(mark: WallMark, station: Station, from: From, { tape }: Job): Figure | null {
  if (from === 'line') return mark.fromLevelLine;
  if (from === 'mark') return mark.up;
  const there = fromThere(mark, station, tape);
  return from === 'floor' ? there.fromFloor : there.fromCeiling;
}

/** What to pencil where one stands, the highest mark first: from the level line, or from floor or ceiling there. */
export function WallMarks({ plan, job, at, onPrint }: WallMarksProps) {
  const styles = useStyles();
  const label = useLabel();
  const [from, setFrom] = useState<From>('line');
  const [pole, setPole] = useState(false);
  const station = stationAt(plan, at);
  if (!station || plan.marks.length === 0) return null;
  const known = from === 'floor' ? station.floor : from === 'ceiling' ? station.ceiling : null;
  const marks = marksAt(plan, [station]);
  return (
    <Section title={label('wall.title')}>
      {(job.levelLine.carried ?? 'none') === 'none' ? (
        <NoticeLine kind="doubtful" word={label('level.title')} words={words(plan.levelLine, job)} />
      ) : null}
      <Txt kind="strong">{words(station.name, job)}</Txt>
      <Segmented
        titled
        label={label('wall.from')}
        value={from}
        options={FROM.map((value) => ({
          value,
          title: label(`wall.short.${value}`),
          name: label(`wall.from.${value}`),
        }))}
        onChange={setFrom}
      />
      {(from === 'floor' || from === 'ceiling') && !known ? (
        <Txt tone="doubtful">{label('wall.none')}</Txt>
      ) : (
        <Txt kind="small" tone="faint">
          {label(`wall.is.${from}`, { sure: known ? aboutWords(known.sureMm, job) : '' })}
        </Txt>
      )}
      {marks.map((mark) => {
        const figure = measured(mark, station, from, job);
        const what = label(`mark.${mark.what}`);
        return (
          <View key={`${mark.shelf}-${mark.what}`} style={styles.mark}>
            <Txt kind="figure" style={styles.number}>
              {mark.shelf}
            </Txt>
            <Txt style={styles.grow}>{what}</Txt>
            {figure ? (
              <Why
                figure={figure}
                size="large"
                align="right"
                signed={from === 'line'}
                reader={job}
                readings={plan.readings}
                name={label('wall.name', {
                  shelf: mark.shelf,
                  what,
                  from: label(`wall.from.${from}`),
                  station: words(station.name, job),
                })}
              />
            ) : null}
          </View>
        );
      })}
      <View style={styles.buttons}>
        <Button title={label('wall.print')} icon={Printer} onPress={onPrint} />
        <Button title={label('pole.print')} icon={Ruler} onPress={() => setPole(true)} />
      </View>
      {pole ? <PoleSheet plan={plan} job={job} onClose={() => setPole(false)} /> : null}
    </Section>
  );
}

/** The marks of the shelves that are marked at one of some places, the highest first. */
export function marksAt({ marks }: Plan, stations: readonly Station[]): WallMark[] {
  const there = marks.filter(({ shelf }) => stations.some(({ shelves }) => shelves.includes(shelf)));
  return runningMarks(there).reverse();
}

/** Where one stands on the walk along the walls; it goes round. */
function stationAt(plan: Plan, at: number): Station | undefined {
  const { length } = plan.stations;
  return plan.stations[((at % length) + length) % length];
}

interface WalkProps extends Pick<WallMarksProps, 'plan' | 'job' | 'at'> {
  readonly onWalk: (at: number) => void;
}

/** From one place at the walls to the next, under the thumb. */
export function Walk({ plan, job, at, onWalk }: WalkProps) {
  const styles = useStyles();
  const label = useLabel();
  const station = stationAt(plan, at);
  if (!station) return null;
  return (
    <View style={styles.walk} role="group" aria-label={label('wall.station')}>
      <Button title={label('wall.before')} icon={ChevronLeft} iconOnly onPress={() => onWalk(at - 1)} />
      <Txt kind="strong" style={styles.place} aria-live="polite">
        {words(station.name, job)}
      </Txt>
      <Button title={label('wall.next')} icon={ChevronRight} iconOnly onPress={() => onWalk(at + 1)} />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    mark: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.half,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
    },
    walk: { flex: 1, flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    place: { flex: 1, textAlign: 'center' },
    number: { minWidth: 32, textAlign: 'center' },
    grow: { flex: 1 },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
