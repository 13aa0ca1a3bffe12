import '../labels/print';
import FileDown from 'lucide-react-native/icons/file-down';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Template } from '@dormer/core/design/template';
import { useLabel } from '../labels';
import { notify, useAppDispatch } from '../store';
import { makeStyles, SPACE } from '../theme';
import { Button } from '../ui/Button';
import { download, fileName } from '../platform/files';
import { templateWriters } from '../platform/writers';
import { Txt } from '../ui/Txt';

type Writers = Awaited<ReturnType<typeof templateWriters>>;

interface FullSizeProps {
  /** What is written, with the help of what writes it where that draws it too; null for nothing. */
  readonly template: (writers: Writers) => Template | null;
  readonly job: Job;
  /** What the file is called, after the job. */
  readonly name: string;
}

/** Buttons that write something at full size, on pages or on one sheet, and as drawings for other programs. */
export function FullSize({ template, job, name }: FullSizeProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [busy, setBusy] = useState(false);
  const file = `${fileName(job.name)}-${name}`;
  const write = (make: (drawn: Template, writers: Writers) => Promise<void> | void) => () => {
    setBusy(true);
    void templateWriters()
      .then((writers) => {
        const drawn = template(writers);
        return drawn ? make(drawn, writers) : undefined;
      })
      .catch(() => dispatch(notify('fullSize.failed')))
      .finally(() => setBusy(false));
  };
  return (
    <>
      <View style={styles.buttons}>
        {([job.region === 'us' ? 'letter' : 'a4', 'sheet'] as const).map((paper) => (
          <Button
            key={paper}
            title={label(`fullSize.pdf.${paper}`)}
            icon={FileDown}
            disabled={busy}
            onPress={write(async (drawn, { templatePdf }) => {
              const pdf = await templatePdf({ template: drawn, reader: job, job: job.name, paper });
              download(`${file}-${paper}.pdf`, pdf as Uint8Array<ArrayBuffer>, 'application/pdf');
            })}
          />
        ))}
        <Button
          title={label('fullSize.svg')}
          icon={FileDown}
          disabled={busy}
          onPress={write((drawn, { templateSvg }) => download(`${file}.svg`, templateSvg(drawn, job), 'image/svg+xml'))}
        />
        <Button
          title={label('fullSize.dxf')}
          icon={FileDown}
          disabled={busy}
          onPress={write((drawn, { templateDxf }) =>
            download(`${file}.dxf`, templateDxf(drawn, job), 'application/dxf'),
          )}
        />
      </View>
      <Txt kind="small" tone="faint">
        {label('fullSize.check', { bar: job.units === 'in' ? '4 in' : '100 mm' })}
      </Txt>
    </>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({ buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } }),
);
