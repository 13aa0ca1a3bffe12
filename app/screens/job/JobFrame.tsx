import { lazy, Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { ActivityIndicator, StyleSheet, View } from 'react-native';
import { DraftScope, KeypadProvider, MessagePage, NoticeLine, useKeypad, useKeptPlace } from '../../ui';
import { useAnswer } from '../../platform/useAnswer';
import { HomeLink } from '../../ui/HomeLink';
import { useLabel } from '../../labels';
import {
  closeJob,
  openJob,
  selectFresh,
  selectLoaded,
  selectOpenJob,
  selectPlanned,
  selectRecord,
  useAppDispatch,
  useAppSelector,
} from '../../store';
import { makeStyles, useTheme, useWide } from '../../theme';
import { JobHeader } from './JobHeader';
import { LoadGuard } from './LoadGuard';
import { StageNav } from './StageNav';
import { useShortcuts } from './useShortcuts';

// Sheets are fetched when they are first opened: they are no part of the first screen.
const JobMenu = lazy(() => import('./sheets').then((one) => ({ default: one.JobMenu })));
const ShortcutsSheet = lazy(() => import('./sheets').then((one) => ({ default: one.ShortcutsSheet })));

/** What is around every stage of one job: its name, where it is kept, undo, and the stages. */
export function JobFrame({ id, children }: { id: string; children: ReactNode }) {
  const dispatch = useAppDispatch();
  const loaded = useAppSelector(selectLoaded);
  const job = useAppSelector(selectOpenJob);
  const gone = useAppSelector((state) => selectRecord(state, id)?.removed ?? false);
  const said = useJobWords();
  const { answer: found, of } = useAnswer(loaded ? id : null, () => dispatch(openJob(id)));
  useEffect(() => () => void dispatch(closeJob()), [dispatch, id]);
  const name = job?.name;
  useEffect(() => {
    if (name) document.title = `${name} · Dormer`;
  }, [name]);

  if ((of === id && found === false) || gone) return <NotHere />;
  if (!job || job.id !== id || !said) return <Opening />;
  return (
    <KeypadProvider>
      <DraftScope name={id}>
        <Frame id={id}>{children}</Frame>
      </DraftScope>
    </KeypadProvider>
  );
}

/** Whether all that is said of a job is there: it is fetched with the first one that is opened. */
function useJobWords(): boolean {
  const [said, setSaid] = useState(false);
  const [failed, setFailed] = useState<Error | null>(null);
  useEffect(() => {
    import('@dormer/core/say/words/rest').then(
      () => setSaid(true),
      (reason: unknown) => setFailed(reason instanceof Error ? reason : new Error(String(reason))),
    );
  }, []);
  if (failed) throw failed;
  return said;
}

function Frame({ id, children }: { id: string; children: ReactNode }) {
  const styles = useStyles();
  const wide = useWide();
  const label = useLabel();
  const typing = useKeypad().active !== null;
  const { fault } = useAppSelector(selectPlanned);
  const fresh = useAppSelector(selectFresh);
  const [sheet, setSheet] = useKeptPlace<'menu' | 'shortcuts' | null>('sheet', null);
  const showShortcuts = useCallback(() => setSheet('shortcuts'), [setSheet]);
  useShortcuts(id, showShortcuts);
  const stages = <StageNav id={id} wide={wide} />;
  return (
    <View style={styles.frame}>
      <JobHeader id={id} onMenu={() => setSheet('menu')} />
      {fault ? (
        <NoticeLine kind="stop" word={label('problem.stop')} words={label('plan.failed', { reason: fault })} />
      ) : null}
      <View style={wide ? styles.wide : styles.phone}>
        {wide ? stages : null}
        <View style={styles.stage} aria-busy={!fresh && fault === null}>
          <LoadGuard>{children}</LoadGuard>
        </View>
        {wide || typing ? null : stages}
      </View>
      <Suspense fallback={null}>
        {sheet === 'menu' ? <JobMenu id={id} onClose={() => setSheet(null)} onShortcuts={showShortcuts} /> : null}
        {sheet === 'shortcuts' ? <ShortcutsSheet onClose={() => setSheet(null)} /> : null}
      </Suspense>
    </View>
  );
}

function Opening() {
  const label = useLabel();
  const { colours } = useTheme();
  return (
    <MessagePage words={label('job.opening')}>
      <ActivityIndicator aria-hidden color={colours.action} />
    </MessagePage>
  );
}

function NotHere() {
  const label = useLabel();
  return (
    <MessagePage title={label('job.notHere')} words={label('job.notHereWhy')}>
      <HomeLink />
    </MessagePage>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    frame: { flex: 1, minHeight: 0 },
    phone: { flex: 1, minHeight: 0 },
    wide: { flex: 1, minHeight: 0, flexDirection: 'row' },
    stage: { flex: 1, minHeight: 0, minWidth: 0 },
  }),
);
