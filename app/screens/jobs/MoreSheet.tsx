import '../../labels/more';
import FolderDown from 'lucide-react-native/icons/folder-down';
import FolderUp from 'lucide-react-native/icons/folder-up';
import Smartphone from 'lucide-react-native/icons/smartphone';
import History from 'lucide-react-native/icons/rotate-ccw-clock';
import { useState } from 'react';
import { ActivityIndicator } from 'react-native';
import { Button, NoticeLine, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { chooseFile } from '../../platform/files';
import { useLabel } from '../../labels';
import { selectUnsent, useAppDispatch, useAppSelector } from '../../store';
import { bringEverythingIn, saveEverything, type Brought } from '../../store/everything';
import { PhonePage } from './access/PhonePage';
import { RemovedJobs } from './RemovedJobs';

const TITLES = { all: 'more.title', removed: 'removed.title', phone: 'phone.title' } as const;

/** What concerns all jobs: phones, removed jobs, a copy of everything, and one that is brought in. */
export const MoreSheet = guardedSheet(function MoreSheet({ onClose }: { onClose: () => void }) {
  const label = useLabel();
  const [shows, setShows] = useState<keyof typeof TITLES>('all');
  const title = label(TITLES[shows]);
  return (
    <Sheet title={title} closeTitle={label('close')} onClose={onClose}>
      {shows === 'removed' ? <RemovedJobs /> : null}
      {shows === 'phone' ? <PhonePage /> : null}
      {shows === 'all' ? (
        <>
          <Button title={label('phone.title')} icon={Smartphone} onPress={() => setShows('phone')} />
          <Button title={label('removed.title')} icon={History} onPress={() => setShows('removed')} />
          <Everything />
        </>
      ) : null}
    </Sheet>
  );
});

type Outcome = Brought | { readonly kind: 'working' | 'saved' | 'unsaved' };

function Everything() {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const unsent = useAppSelector(selectUnsent).length;
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const save = async () => {
    setOutcome({ kind: 'working' });
    setOutcome({ kind: (await dispatch(saveEverything())) ? 'saved' : 'unsaved' });
  };
  const bringIn = async () => {
    const file = await chooseFile('.zip,application/zip');
    if (!file) return;
    setOutcome({ kind: 'working' });
    setOutcome(await dispatch(bringEverythingIn(file)));
  };
  const isWorking = outcome?.kind === 'working';
  return (
    <>
      <Button title={label('more.save')} icon={FolderDown} disabled={isWorking} onPress={() => void save()} />
      <Txt tone="faint">{label('more.saveWhat')}</Txt>
      {unsent > 0 ? (
        <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('more.unsent', { count: unsent })} />
      ) : null}
      <Button title={label('more.bringIn')} icon={FolderUp} disabled={isWorking} onPress={() => void bringIn()} />
      <Txt tone="faint">{label('more.bringInWhat')}</Txt>
      {outcome ? <OutcomeWords outcome={outcome} /> : null}
    </>
  );
}

function OutcomeWords({ outcome }: { outcome: Outcome }) {
  const label = useLabel();
  switch (outcome.kind) {
    case 'working':
      return <ActivityIndicator aria-label={label('more.working')} />;
    case 'saved':
      return <Txt role="status">{label('more.saved')}</Txt>;
    case 'broughtIn': {
      const { added, updated, kept, photos, pieces } = outcome.restored;
      return (
        <Txt role="status">
          {[
            label('more.added', { count: added }),
            label('more.updated', { count: updated }),
            label('more.kept', { count: kept }),
            label('more.photos', { count: photos }),
            label('more.pieces', { count: pieces }),
          ].join(' ')}
        </Txt>
      );
    }
    case 'refused':
      return <NoticeLine kind="stop" word={label('problem.stop')} words={outcome.reason} />;
    case 'unsaved':
    case 'unreached':
      return <NoticeLine kind="stop" word={label('problem.stop')} words={label('more.unreached')} />;
  }
}
