import FilePlus from 'lucide-react-native/icons/file-input';
import Plus from 'lucide-react-native/icons/plus';
import { useRouter } from 'expo-router';
import { lazy, Suspense, useEffect, useState } from 'react';
import { ActivityIndicator, ScrollView, StyleSheet, View } from 'react-native';
import type { Refusal } from '@dormer/core/job/document';
import { Button, DraftScope, LongList, NoticeLine, Txt, useKeptPlace } from '../../ui';
import { pickFile } from '../../platform/files';
import { useLabel } from '../../labels';
import {
  catchUp,
  importJob,
  selectJobs,
  selectLoaded,
  selectMissing,
  selectReached,
  selectStrangers,
  useAppDispatch,
  useAppSelector,
} from '../../store';
import { makeStyles, READING_WIDTH, SPACE } from '../../theme';
import { StorageFault } from '../../parts/StorageFault';
import { JobRow } from './JobRow';
import { NewJobSheet } from './NewJobSheet';

// No part of the first screen.
const EmptyJobs = lazy(() => import('./extras').then((extras) => ({ default: extras.EmptyJobs })));
const ImportRefusal = lazy(() => import('./extras').then((extras) => ({ default: extras.ImportRefusal })));
const MoreSheet = lazy(() => import('./extras').then((extras) => ({ default: extras.MoreSheet })));
const ServerNotices = lazy(() => import('./extras').then((extras) => ({ default: extras.ServerNotices })));

/** Every job, the last changed first. */
export function JobsScreen() {
  const styles = useStyles();
  const label = useLabel();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const jobs = useAppSelector(selectJobs);
  const loaded = useAppSelector(selectLoaded);
  const reached = useAppSelector(selectReached);
  const isUnpaired = reached === 'unpaired';
  const asked = useAppSelector((state) => selectStrangers(state).length + selectMissing(state).length);
  const [showsMore, setShowsMore] = useState(false);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  useEffect(() => {
    document.title = 'Dormer';
    dispatch(catchUp());
  }, [dispatch]);
  const takeIn = async () => {
    setRefusal(null);
    const contents = await pickFile('.json,application/json');
    if (contents === null) return;
    setRefusal(await dispatch(importJob(contents, (name) => label('jobs.importedName', { name }))));
  };
  const openJob = (id: string) => router.navigate({ pathname: '/job/[id]/measure', params: { id } });
  const looking = !loaded || (jobs.length === 0 && reached === null);
  return (
    <View style={styles.screen} role="main">
      <ScrollView contentContainerStyle={styles.page}>
        <View style={styles.head}>
          <Txt style={styles.brand} role="heading" aria-level={1}>
            Dormer
          </Txt>
          <Txt tone="faint">{label('jobs.tagline')}</Txt>
        </View>
        {reached === false ? (
          <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('jobs.unreached')} />
        ) : null}
        <StorageFault />
        <Suspense fallback={null}>
          {isUnpaired || asked > 0 ? <ServerNotices /> : null}
          {refusal ? <ImportRefusal refusal={refusal} onClose={() => setRefusal(null)} /> : null}
        </Suspense>
        {looking ? (
          <View style={styles.empty}>
            <ActivityIndicator aria-hidden />
            <Txt tone="faint">{label('jobs.looking')}</Txt>
          </View>
        ) : jobs.length === 0 ? (
          <Suspense fallback={null}>{isUnpaired ? null : <EmptyJobs onOpened={openJob} />}</Suspense>
        ) : (
          <LongList name={label('jobs.list')} rows={jobs} keyOf={({ id }) => id}>
            {(record) => <JobRow record={record} />}
          </LongList>
        )}
        {looking || isUnpaired ? null : (
          <Button title={label('jobs.all')} look="quiet" onPress={() => setShowsMore(true)} />
        )}
      </ScrollView>
      <View style={styles.foot}>
        <View style={styles.footRow}>
          <Button title={label('jobs.import')} icon={FilePlus} grow onPress={() => void takeIn()} />
          {/* Not before the device was read: a field that begins without its draft would take the draft away. */}
          {loaded ? (
            <DraftScope name="jobs">
              <NewJob onMade={openJob} />
            </DraftScope>
          ) : (
            <NewJob onMade={openJob} />
          )}
        </View>
      </View>
      <Suspense fallback={null}>{showsMore ? <MoreSheet onClose={() => setShowsMore(false)} /> : null}</Suspense>
    </View>
  );
}

/** The button for a new job, and its sheet, which is open again when the page was gone without warning. */
function NewJob({ onMade }: { onMade: (id: string) => void }) {
  const label = useLabel();
  const [adding, setAdding] = useKeptPlace<boolean>('adding', false);
  return (
    <>
      <Button title={label('jobs.new')} icon={Plus} look="lead" grow onPress={() => setAdding(true)} />
      {adding ? (
        <NewJobSheet
          onClose={() => setAdding(false)}
          onMade={(id) => {
            setAdding(false);
            onMade(id);
          }}
        />
      ) : null}
    </>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    screen: { flex: 1, minHeight: 0 },
    page: {
      padding: SPACE.two,
      paddingTop: SPACE.three,
      gap: SPACE.two,
      width: '100%',
      maxWidth: READING_WIDTH,
      alignSelf: 'center',
    },
    head: { gap: SPACE.small },
    brand: { fontFamily: 'BarlowCondensed-SemiBold', fontSize: 40, lineHeight: 44 },
    empty: { alignItems: 'center', gap: SPACE.one, paddingVertical: 64 },
    foot: { borderTopWidth: 1, borderTopColor: colours.rule, backgroundColor: colours.paper },
    footRow: {
      flexDirection: 'row',
      gap: SPACE.half,
      padding: SPACE.half,
      width: '100%',
      maxWidth: READING_WIDTH,
      alignSelf: 'center',
    },
  }),
);
