import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { typedLength, type Job } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import type { TypedLength } from '@dormer/core/base/quantity';
import { traceScene, TRACE_FACTOR } from '@dormer/core/say/scene/trace';
import { edgeFor, edgesOf, traceReadings, wallTrace, type DrawnLine } from '@dormer/core/place/trace';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, LengthField, NoticeLine, Segmented, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { SceneView } from '../../drawing';
import { useLabel } from '../../labels';
import { useAppDispatch } from '../../store';
import { takeIn } from '../../store/bringIn';
import { makeStyles, SPACE } from '../../theme';
import { wallsIn } from './place/walls';

interface TraceSheetProps {
  readonly job: Job;
  readonly lines: readonly DrawnLine[];
  /** Whether the file says how large its drawing is. */
  readonly sized: boolean;
  readonly onTaken: (count: number) => void;
  readonly onClose: () => void;
}

/** A wall that was traced elsewhere: which side of the drawing it is, where it was traced, what it says. */
export const TraceSheet = guardedSheet(function TraceSheet({ job, lines, sized, onTaken, onClose }: TraceSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [edges] = useState(() => edgesOf(lines).slice(0, MOST_EDGES));
  const walls = wallsIn(job);
  const [wall, setWall] = useState(walls[0] ?? 'left');
  const [chosen, setChosen] = useState<number | null>(null);
  const [turned, setTurned] = useState(false);
  const [mirrored, setMirrored] = useState(false);
  const [up, setUp] = useState<TypedLength | null>(null);
  // Most begin in the corner.
  const [start, setStart] = useState<TypedLength | null>(() => typedLength('0', job.units));
  const [fault, setFault] = useState<Message | null>(null);
  const likely = edgeFor(edges, wall);
  const edge = (chosen === null ? null : edges[chosen]) ?? likely;
  const trace = edge ? wallTrace(edge, { wall, turned, mirrored }, job.units) : null;
  const readings = trace && up && start ? traceReadings(trace, { wall, up, start, unit: job.units }) : [];
  const take = () => {
    const taken = dispatch(takeIn(readings));
    if (taken.ok) onTaken(readings.length);
    else setFault(taken.error);
  };
  return (
    <Sheet
      title={label('trace.title')}
      closeTitle={label('close')}
      onClose={onClose}
      footer={
        <Button
          look="lead"
          grow
          title={label('trace.take', { count: trace?.stations.length ?? 0 })}
          disabled={readings.length === 0}
          onPress={take}
        />
      }
    >
      {fault ? <NoticeLine kind="stop" word={label('problem.stop')} words={words(fault, job)} /> : null}
      {!edge || !trace || trace.stations.length === 0 ? (
        <NoticeLine kind="stop" word={label('problem.stop')} words={label('trace.tooShort')} />
      ) : (
        <>
          <Txt tone="faint">{label('trace.is', { factor: TRACE_FACTOR })}</Txt>
          {sized ? null : (
            <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('trace.unsized')} />
          )}
          <Segmented
            titled
            label={label('field.wall')}
            value={wall}
            options={walls.map((value) => ({ value, title: label(`wall.${value}`) }))}
            onChange={(value) => {
              setWall(value);
              setChosen(null);
            }}
          />
          {edges.length > 1 ? (
            <Segmented
              titled
              label={label('trace.edge')}
              look="chips"
              value={edges.indexOf(edge)}
              options={edges.map((drawnEdge, i) => ({ value: i, title: lengthWords(drawnEdge.chordMm, job) }))}
              onChange={setChosen}
            />
          ) : null}
          <View style={styles.drawing}>
            <SceneView scene={traceScene(trace, wall)} reader={job} ground="panel" />
          </View>
          <View style={styles.row}>
            <Button title={label('trace.turn')} onPress={() => setTurned(!turned)} />
            <Button title={label('trace.mirror')} onPress={() => setMirrored(!mirrored)} />
          </View>
          <Held label={label('trace.up')} value={up} job={job} onCommit={setUp} />
          <Held
            label={label(wall === 'back' ? 'trace.startLeft' : 'trace.startBack')}
            value={start}
            job={job}
            onCommit={setStart}
          />
          <Keypad units={job.units} tape={job.tape} />
        </>
      )}
    </Sheet>
  );
});

interface HeldProps {
  readonly label: string;
  readonly value: TypedLength | null;
  readonly job: Job;
  readonly onCommit: (value: TypedLength) => void;
}

/** Length field for where the wall was traced. */
function Held({ label, value, job, onCommit }: HeldProps) {
  return (
    <LengthField label={label} value={value} units={job.units} tape={job.tape} sign="notNegative" onCommit={onCommit} />
  );
}

/** So many of the longest lines of a drawing may be the wall. */
const MOST_EDGES = 8;

const useStyles = makeStyles(() =>
  StyleSheet.create({
    drawing: { height: 170 },
    row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
