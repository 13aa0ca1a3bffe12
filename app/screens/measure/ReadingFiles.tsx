import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Drawing } from '@dormer/core/say/exchange/drawings';
import type { Message } from '@dormer/core/base/message';
import { Button } from '../../ui';
import { BroughtInView } from '../../parts/BroughtIn';
import { templateWriters, listWriters } from '../../platform/writers';
import { download, fileName, pickFile } from '../../platform/files';
import { useLabel } from '../../labels';
import { notify, useAppDispatch } from '../../store';
import { importReadings, type BroughtIn } from '../../store/bringIn';
import { makeStyles, SPACE } from '../../theme';
import { TraceSheet } from './TraceSheet';

/** Readings as a table: out for a spreadsheet, in from one or from another device. */
export function ReadingFiles({ job }: { job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [came, setCame] = useState<BroughtIn | null>(null);
  const [drawing, setDrawing] = useState<Drawing | null>(null);
  const [fault, setFault] = useState<Message | null>(null);
  const save = () =>
    void listWriters().then(({ readingsCsv }) =>
      download(`${fileName(job.name)}-${label('csv.fileName')}.csv`, readingsCsv(job.readings), 'text/csv'),
    );
  const bring = async () => {
    const contents = await pickFile('.csv,text/csv,text/plain');
    if (contents === null) return;
    const read = await dispatch(importReadings(contents));
    setCame(read.ok ? read.value : null);
    setFault(read.ok ? null : read.error);
  };
  const bringTrace = async () => {
    const contents = await pickFile('.svg,.dxf,image/svg+xml');
    if (contents === null) return;
    const read = await templateWriters()
      .then(({ readDrawing }) => readDrawing(contents))
      .catch(() => null);
    if (!read) return void dispatch(notify('trace.failed'));
    setCame(null);
    setFault(read.ok ? null : read.error);
    if (read.ok) setDrawing(read.value);
  };
  return (
    <View style={styles.files}>
      <View style={styles.row}>
        <Button title={label('csv.bring')} onPress={() => void bring()} />
        <Button title={label('trace.bring')} onPress={() => void bringTrace()} />
        {job.readings.length > 0 ? <Button title={label('csv.save')} onPress={save} /> : null}
      </View>
      {drawing ? (
        <TraceSheet
          job={job}
          {...drawing}
          onTaken={(count) => {
            setDrawing(null);
            setCame({ count, refused: [] });
          }}
          onClose={() => setDrawing(null)}
        />
      ) : null}
      <BroughtInView
        reader={job}
        fault={fault}
        came={came}
        words={{
          came: (count) => label('csv.came', { count }),
          refused: (count) => label('csv.refused', { count }),
          line: (line, why) => label('csv.line', { line, why }),
        }}
      />
      {came ? <Button look="quiet" title={label('notice.close')} onPress={() => setCame(null)} /> : null}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    files: { gap: SPACE.half, paddingTop: SPACE.half },
    row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
