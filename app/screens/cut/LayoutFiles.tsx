import FileDown from 'lucide-react-native/icons/file-down';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Cutting } from '@dormer/core/work/stock';
import { Button, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { download, fileName } from '../../platform/files';
import { templateWriters, listWriters } from '../../platform/writers';
import { useLabel } from '../../labels';
import { notify, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';

interface LayoutFilesProps {
  readonly job: Job;
  readonly cutting: Cutting;
  readonly onClose: () => void;
}

/** Layouts as files: a table, pages, drawings. */
export const LayoutFiles = guardedSheet(function LayoutFiles({ job, cutting, onClose }: LayoutFilesProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const name = `${fileName(job.name)}-${label('layout.fileName')}`;
  const failed = () => void dispatch(notify('cut.failed'));
  const csv = () =>
    void listWriters()
      .then(({ layoutsCsv }) => download(`${name}.csv`, layoutsCsv(cutting, job), 'text/csv;charset=utf-8'))
      .catch(failed);
  const drawn = (write: (writers: Awaited<ReturnType<typeof templateWriters>>) => Promise<void> | void) => () =>
    void templateWriters().then(write).catch(failed);
  return (
    <Sheet title={label('layout.files')} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('layout.filesAre')}</Txt>
      <View style={styles.buttons}>
        <Button title={label('layout.save', { format: 'CSV' })} icon={FileDown} onPress={csv} />
        <Button
          title={label('layout.save', { format: 'PDF' })}
          icon={FileDown}
          onPress={drawn(async ({ layoutsPdf }) => {
            const pdf = await layoutsPdf(cutting, job, job.name);
            download(`${name}.pdf`, pdf as Uint8Array<ArrayBuffer>, 'application/pdf');
          })}
        />
        <Button
          title={label('layout.save', { format: 'DXF' })}
          icon={FileDown}
          onPress={drawn(({ layoutsDxf }) => download(`${name}.dxf`, layoutsDxf(cutting, job), 'application/dxf'))}
        />
        {cutting.layouts.map((layout) => (
          <Button
            key={layout.id}
            title={label('layout.save', { format: `SVG ${layout.id}` })}
            icon={FileDown}
            onPress={drawn(({ layoutSvg }) =>
              download(`${name}-${layout.id}.svg`, layoutSvg(layout, cutting, job), 'image/svg+xml'),
            )}
          />
        ))}
      </View>
    </Sheet>
  );
});

const useStyles = makeStyles(() =>
  StyleSheet.create({ buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } }),
);
