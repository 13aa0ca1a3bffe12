import Copy from 'lucide-react-native/icons/copy';
import Download from 'lucide-react-native/icons/download';
import Ellipsis from 'lucide-react-native/icons/ellipsis-vertical';
import Trash from 'lucide-react-native/icons/trash';
import { Link } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { summarise } from '@dormer/core/job/document';
import { Button, Press, Sheet, Txt } from '../../ui';
import { downloadJob } from '../../platform/files';
import { useLabel } from '../../labels';
import { agoWords } from '../../labels/moments';
import { copyJob, removeJob, selectSaveState, useAppDispatch, useAppSelector, type JobRecord } from '../../store';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';

/** One job of the list: its name, its place, how far it is, and what can be done with it. */
export function JobRow({ record }: { record: JobRecord }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [menu, setMenu] = useState(false);
  const state = useAppSelector((root) => selectSaveState(root, record.id));
  const { job } = record;
  const { place, readings, shelves } = summarise(job);
  const facts = [
    label(`place.${place}`),
    label('jobs.readings', { count: readings }),
    label('jobs.shelves', { count: shelves }),
    label(`unit.${job.units}`),
  ];
  const act = (what: () => void) => () => {
    setMenu(false);
    what();
  };
  return (
    <View style={styles.row}>
      <Link href={{ pathname: '/job/[id]/measure', params: { id: record.id } }} asChild>
        <Press style={styles.open}>
          <Txt style={styles.name} numberOfLines={2}>
            {job.name}
          </Txt>
          <Txt tone="faint">{facts.join(' · ')}</Txt>
          <Txt kind="small" tone={state === 'saved' || state === 'saving' ? 'faint' : 'doubtful'}>
            {agoWords(record.changedAt)}
            {state && state !== 'saved' ? ` · ${label(`save.${state}`)}` : ''}
          </Txt>
        </Press>
      </Link>
      <Button
        title={label('jobs.more', { name: job.name })}
        icon={Ellipsis}
        iconOnly
        look="quiet"
        onPress={() => setMenu(true)}
      />
      {menu ? (
        <Sheet title={job.name} closeTitle={label('close')} onClose={() => setMenu(false)}>
          <Button
            title={label('menu.duplicate')}
            icon={Copy}
            onPress={act(() => dispatch(copyJob(record.id, label('jobs.copyName', { name: job.name }))))}
          />
          <Button title={label('menu.export')} icon={Download} onPress={act(() => downloadJob(job))} />
          <Button
            title={label('menu.remove')}
            icon={Trash}
            look="stop"
            onPress={act(() => dispatch(removeJob(record.id)))}
          />
        </Sheet>
      ) : null}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, borderBottomColor: colours.rule },
    open: { flex: 1, minWidth: 0, paddingVertical: SPACE.one, minHeight: 72, justifyContent: 'center' },
    name: { fontFamily: FONT.semibold, fontSize: SIZE.strong, lineHeight: 24 },
  }),
);
