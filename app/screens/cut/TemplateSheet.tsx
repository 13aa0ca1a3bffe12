import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { offsetTable, templateOf } from '@dormer/core/design/template';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Section, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { FullSize } from '../../parts/FullSize';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';

interface TemplateSheetProps {
  readonly board: Plan['parts'][number];
  readonly job: Job;
  readonly onClose: () => void;
}

/** A board's full-size template as a file, and its offsets for marking by hand. */
export const TemplateSheet = guardedSheet(function TemplateSheet({ board, job, onClose }: TemplateSheetProps) {
  const label = useLabel();
  const template = templateOf(board);
  if (!template) return null;
  return (
    <Sheet title={label('template.title', { label: board.label })} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('template.is')}</Txt>
      <FullSize template={() => template} job={job} name={board.label} />
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
              <Row key={station.atMm} cells={[lengthWords(station.atMm, job), lengthWords(station.inMm, job)]} />
            ))}
          </View>
        </Section>
      ))}
    </Sheet>
  );
});

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
