import '../../labels/menu';
import { ActivityIndicator } from 'react-native';
import type { ListedVersion } from '@dormer/core/job/document';
import { ActionRow, Button, NoticeLine, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { exactWords } from '../../labels/moments';
import { editJob, useAppDispatch, useLazyGetVersionQuery, useListVersionsQuery } from '../../store';

/** Every saved version of a job. One that is brought back becomes the newest, and can be undone like any edit. */
export const VersionsSheet = guardedSheet(function VersionsSheet({ id, onClose }: { id: string; onClose: () => void }) {
  const label = useLabel();
  const { data, isFetching, isError } = useListVersionsQuery(id, { refetchOnMountOrArgChange: true });
  return (
    <Sheet title={label('versions.title')} closeTitle={label('close')} onClose={onClose}>
      {isFetching ? <ActivityIndicator aria-label={label('versions.loading')} /> : null}
      {isError ? (
        <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label('versions.unreached')} />
      ) : null}
      {data?.versions.map((version, index) => (
        <VersionRow key={version.version} id={id} version={version} newest={index === 0} onDone={onClose} />
      ))}
    </Sheet>
  );
});

interface VersionRowProps {
  readonly id: string;
  readonly version: ListedVersion;
  readonly newest: boolean;
  readonly onDone: () => void;
}

function VersionRow({ id, version, newest, onDone }: VersionRowProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [read, { isFetching }] = useLazyGetVersionQuery();
  const { summary, setAside } = version;
  const facts = [
    ...(summary
      ? [label('jobs.readings', { count: summary.readings }), label('jobs.shelves', { count: summary.shelves })]
      : [label('versions.damaged')]),
    ...(setAside ? [label('versions.setAside')] : []),
  ];
  const bringBack = async () => {
    const stored = await read({ id, version: version.version });
    if (!stored.data) return;
    const { job } = stored.data;
    dispatch(editJob(() => job));
    onDone();
  };
  return (
    <ActionRow
      name={exactWords(version.savedAt)}
      words={
        <>
          <Txt numberOfLines={1}>{version.name}</Txt>
          <Txt kind="small" tone="faint">
            {facts.join(' · ')}
          </Txt>
        </>
      }
    >
      {newest ? (
        <Txt kind="small" tone="faint">
          {label('versions.newest')}
        </Txt>
      ) : (
        <Button
          title={label('versions.bringBack')}
          disabled={isFetching || !summary}
          onPress={() => void bringBack()}
        />
      )}
    </ActionRow>
  );
}
