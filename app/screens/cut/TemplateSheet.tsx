import FileDown from 'lucide-react-native/icons/file-down';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { offsetTable, templateOf } from '@dormer/core/template';
import { lengthWords, words } from '@dormer/core/words';
import { Button, Section, Sheet, Txt } from '../../controls';
import { download, fileName } from '../../controls/files';
import { drawings } from '../../controls/sheets';
import { useLabel } from '../../labels';
import { notify, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';

interface TemplateSheetProps {
  readonly board: Plan['parts'][number];
  readonly job: Job;
  readonly onClose: () => void;
}

const PAPERS = ['a4', 'letter', 'sheet'] as const;

/** A board's full-size template as a file, and its offsets for marking by hand. */
export function TemplateSheet({ board, job, onClose }: TemplateSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [busy, setBusy] = useState(false);
  const template = templateOf(board);
  if (!template) return null;
  const name = `${fileName(job.name)}-${board.label}`;
  const write = (make: (writers: Awaited<ReturnType<typeof drawings>>) => Promise<void> | void) => () => {
    setBusy(true);
    void drawings()
      .then(make)
      .catch(() => dispatch(notify('cut.failed')))
      .finally(() => setBusy(false));
  };
  return (
    <Sheet title={label('template.title', { label: board.label })} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('template.is')}</Txt>
      <View style={styles.buttons}>
        {PAPERS.map((paper) => (
          <Button
            key={paper}
            title={label(`template.pdf.${paper}`)}
            icon={FileDown}
            disabled={busy}
            onPress={write(async ({ templatePdf }) => {
              const pdf = await templatePdf({ template, reader: job, job: job.name, paper });
              download(`${name}-${paper}.pdf`, pdf as Uint8Array<ArrayBuffer>, 'application/pdf');
            })}
          />
        ))}
        <Button
          title={label('template.svg')}
          icon={FileDown}
          disabled={busy}
          onPress={write(({ templateSvg }) => download(`${name}.svg`, templateSvg(template, job), 'image/svg+xml'))}
        />
        <Button
          title={label('template.dxf')}
          icon={FileDown}
          disabled={busy}
          onPress={write(({ templateDxf }) => download(`${name}.dxf`, templateDxf(template, job), 'application/dxf'))}
        />
      </View>
      <Txt kind="small" tone="faint">
        {label('template.check')}
      </Txt>
      {template.notes.map((note, index) => (
        <Txt key={index}>{words(note, job)}</Txt>
      ))}
      {offsetTable(board, job.tape).map((edge) => (
        <Section key={edge.edge} title={label(`offsets.${edge.edge}`)}>
          <Txt kind="small" tone="faint">
            {label(edge.edge === 'back' ? 'offsets.fromBack' : 'offsets.fromEnd')}
          </Txt>
          <View role="table" aria-label={label(`offsets.${edge.edge}`)}>
            <Row cells={[label('offsets.at'), label('offsets.in')]} head />
            {edge.stations.map((station) => (
              <Row
                key={station.atMm}
                cells={[lengthWords(station.atMm, job), lengthWords(station.inMm, job)]}
              />
            ))}
          </View>
        </Section>
      ))}
    </Sheet>
  );
} // prettier-ignore

function Row({ cells, head }: { cells: readonly string[]; head?: boolean }) {
  const styles = useStyles();
  return (
    <View role="row" style={[styles.row, head && styles.head]}>
      {cells.map((cell, index) => (
        <View key={index} role={head ? 'columnheader' : 'cell'} style={styles.cell}>
          <Txt kind={head ? 'small' : 'body'}>{cell}</Txt>
        </View>
      ))}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    buttons: { gap: SPACE.half },
    row: { flexDirection: 'row', borderBottomWidth: 1, borderBottomColor: colours.rule, paddingVertical: SPACE.small },
    head: { borderBottomColor: colours.pencil },
    cell: { flex: 1 },
  }),
);
