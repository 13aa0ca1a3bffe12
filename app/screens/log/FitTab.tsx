import Check from 'lucide-react-native/icons/check';
import Trash from 'lucide-react-native/icons/trash';
import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import type { Part } from '@dormer/core/design/fit';
import { LIMITS, withLog, type Job, type Trial } from '@dormer/core/job/document';
import { sectionScene } from '@dormer/core/say/scene';
import { boardScene } from '@dormer/core/say/scene/cutting';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, Segmented, StageLayout, Txt, useKeptPlace } from '../../ui';
import { TrialSheet } from '../../parts/TrialSheet';
import { TriedNotice } from '../../parts/TriedNotice';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { editJob, newId, settings, useAppDispatch, useAppSelector } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import type { LogTabProps } from './tabProps';

const ENDS = ['left', 'right'] as const;
const SPOTS = ['back', 'middle', 'front'] as const;

/**
 * Boards as they are tried: whether one went in, and where there was a gap or it bound; each note is a reading of the
 * walls.
 */
export function FitTab({ job, plan, tabs }: LogTabProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const boards = plan.parts.filter((part) => part.role === 'board' && part.fit);
  const [chosen, setChosen] = useKeptPlace<number | null>('fitShelf', null);
  const [spot, setSpot] = useKeptPlace<Pick<Trial, 'end' | 'at'> | null>('fitSpot', null);
  const board = boards.find((part) => part.shelf === chosen) ?? boards[0];
  const scene =
    (board ? boardScene(plan, board.shelf, exaggeration) : null) ??
    sectionScene(plan, job, { upMm: plan.opening.extent.height / 2, exaggeration });
  const odds = board?.fit?.odds ?? 0;
  const note = (went: boolean) =>
    board &&
    dispatch(
      editJob((one) =>
        withLog(one, {
          fits: [
            ...one.log.fits,
            { id: newId(), at: Date.now(), shelf: board.shelf, odds: Math.round(odds * 10) / 10, went },
          ].slice(-LIMITS.trials),
        }),
      ),
    );
  return (
    <StageLayout
      name={label('stage.log')}
      share={0.3}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <DrawingPane
          scene={scene}
          reader={job}
          exaggeration={exaggeration}
          onExaggeration={(factor) => dispatch(settings.set({ exaggeration: factor }))}
          description={words(scene.title, job)}
        />
      }
      foot={
        board ? (
          <>
            <Button title={label('log.bound')} icon={X} grow onPress={() => note(false)} />
            <Button title={label('log.went')} icon={Check} look="lead" grow onPress={() => note(true)} />
          </>
        ) : null
      }
    >
      {tabs}
      {!board ? <Txt tone="faint">{label('log.noBoards')}</Txt> : null}
      {boards.length > 1 && board ? (
        <Segmented
          label={label('log.whichBoard')}
          look="chips"
          value={board.shelf}
          options={boards.map((part) => ({ value: part.shelf, title: part.label }))}
          onChange={setChosen}
        />
      ) : null}
      {board ? (
        <>
          <Txt>{label('log.said', { odds: odds.toFixed(0) })}</Txt>
          <Fits board={board} job={job} />
          <TriedNotice tried={board.tried} job={job} />
          <Txt tone="faint">{label('log.where')}</Txt>
          <Spots onChoose={setSpot} />
        </>
      ) : null}
      {spot && board ? (
        <TrialSheet board={board} job={job} checks={plan.trials} spot={spot} onClose={() => setSpot(null)} />
      ) : null}
    </StageLayout>
  );
}

/** Tries of a board and how each went. */
function Fits({ board, job }: { board: Part; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const forget = (id: string) =>
    dispatch(editJob((before) => withLog(before, { fits: before.log.fits.filter((other) => other.id !== id) })));
  const tried = job.log.fits.filter(({ shelf }) => shelf === board.shelf);
  return tried.map(({ id, went }) => (
    <View key={id} style={styles.row}>
      <Txt kind="strong" style={styles.grow}>
        {label(went ? 'log.wentSaid' : 'log.boundSaid', { label: board.label })}
      </Txt>
      <Button title={label('log.forget')} icon={Trash} iconOnly look="quiet" onPress={() => forget(id)} />
    </View>
  ));
}

/** Buttons to note a gap or a tight spot, one for each place of the board. */
function Spots({ onChoose }: { onChoose: (spot: Pick<Trial, 'end' | 'at'>) => void }) {
  const styles = useStyles();
  const label = useLabel();
  return SPOTS.map((at) => (
    <View key={at} style={styles.row}>
      {ENDS.map((end) => (
        <View key={end} style={styles.grow}>
          <Button
            title={label('log.spot', { end: label(`fit.end.${end}`), at: label(`trial.at.${at}`) })}
            onPress={() => onChoose({ end, at })}
          />
        </View>
      ))}
    </View>
  ));
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
  }),
);
