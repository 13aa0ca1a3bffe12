import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import { Button, Sheet, TextField, Txt, useKeptPlace } from '../../../ui';
import { BroughtInView } from '../../../parts/BroughtIn';
import { download, fileName, pickFile } from '../../../platform/files';
import { listWriters } from '../../../platform/writers';
import { useLabel } from '../../../labels';
import { notify, useAppDispatch } from '../../../store';
import { importThings, type BroughtIn } from '../../../store/bringIn';
import { makeStyles, SPACE } from '../../../theme';

/** The list of things as a table: out for a spreadsheet, in from one, or pasted. */
export function ThingFiles({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [came, setCame] = useState<BroughtIn | null>(null);
  const [fault, setFault] = useState<Message | null>(null);
  const [pasting, setPasting] = useKeptPlace<boolean>('pasting', false);
  const [pasted, setPasted] = useState('');
  const take = async (contents: string) => {
    const read = await dispatch(importThings(contents));
    setCame(read.ok ? read.value : null);
    setFault(read.ok ? null : read.error);
    return read.ok;
  };
  const bring = async () => {
    const contents = await pickFile('.csv,text/csv,text/plain');
    if (contents !== null) await take(contents);
  };
  const save = () =>
    void listWriters()
      .then(({ thingsCsv }) =>
        download(`${fileName(job.name)}-${label('things.fileName')}.csv`, thingsCsv(job.things), 'text/csv'),
      )
      .catch(() => dispatch(notify('things.failed')));
  const said = (
    <BroughtInView
      reader={job}
      fault={fault}
      came={came}
      words={{
        came: (count) => label('things.came', { count }),
        refused: (count) => label('things.refused', { count }),
        line: (line, why) => label('things.refusedLine', { line, why }),
      }}
    />
  );
  return (
    <View style={styles.files}>
      <View style={styles.row}>
        <Button title={label('things.paste')} onPress={() => setPasting(true)} />
        <Button title={label('things.bring')} onPress={() => void bring()} />
        {job.things.length > 0 ? <Button title={label('things.save')} onPress={save} /> : null}
      </View>
      {pasting ? null : said}
      {pasting ? (
        <Sheet
          title={label('things.pasteTitle')}
          closeTitle={label('close')}
          onClose={() => setPasting(false)}
          footer={
            <Button
              title={label('things.pasteTake')}
              look="lead"
              grow
              disabled={pasted.trim() === ''}
              onPress={() =>
                void take(pasted).then((ok) => {
                  if (!ok) return;
                  setPasted('');
                  setPasting(false);
                })
              }
            />
          }
        >
          <Txt tone="faint">{label('things.pasteIs')}</Txt>
          <TextField
            label={label('things.pasteField')}
            value={pasted}
            multiline
            onChangeText={setPasted}
            onCommit={setPasted}
          />
          {said}
        </Sheet>
      ) : null}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    files: { gap: SPACE.half },
    row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
