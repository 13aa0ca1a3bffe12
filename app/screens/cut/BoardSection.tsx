import FileDown from 'lucide-react-native/icons/file-down';
import Hammer from 'lucide-react-native/icons/hammer';
import SlidersHorizontal from 'lucide-react-native/icons/sliders-horizontal';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { endWords } from '@dormer/core/design/fit/endWords';
import type { Plan } from '@dormer/core/plan';
import { aboutWords, lengthWords, words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Section, Txt, useKeptPlace } from '../../ui';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';
import { EndsSheet } from './EndsSheet';
import { inOneLine, ofHundred } from './ends';
import { Numbers } from './Numbers';
import { TemplateSheet } from './TemplateSheet';
import { TrialSheet } from '../../parts/TrialSheet';
import { TriedNotice } from '../../parts/TriedNotice';

type Board = Plan['parts'][number];

/** One board as it is cut: its numbers large, its odds, why it is cut so, and what can be changed. */
export function BoardSection({ board, job, plan }: { board: Board; job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const [open, setOpen] = useKeptPlace<'ends' | 'template' | 'trial' | null>('board', null);
  const { fit, edges, tried } = board;
  if (!fit || !edges) return null;
  const { worst, odds } = fit;
  return (
    <Section title={label('fit.title', { label: board.label })}>
      <TriedNotice tried={tried} job={job} />
      <Numbers
        of={board.label}
        job={job}
        readings={plan.readings}
        all={[
          { name: label('fit.back'), value: edges.back },
          { name: label('fit.front'), value: edges.front },
          // What is sawn first: with what is left on for scribing it is longer than either edge.
          ...(board.length.mm > Math.max(edges.back.mm, edges.front.mm)
            ? [{ name: label('fit.long'), value: board.length }]
            : []),
        ]}
      />
      <View style={styles.ends}>
        {(['left', 'right'] as const).map((side) => (
          <View key={side} style={styles.end}>
            <Txt kind="small" tone="faint">
              {label(`fit.end.${side}`)}
            </Txt>
            <Txt kind="strong">{inOneLine(endWords(board, fit, side, job), job)}</Txt>
          </View>
        ))}
      </View>
      {job.tools === 'hand' ? <Txt>{label('fit.byHand')}</Txt> : null}
      <Txt>
        {label('fit.deep', {
          deep: lengthWords(board.place.outTo - board.place.outFrom, job),
          thick: lengthWords(board.thicknessMm, job),
        })}
      </Txt>
      {fit.back ? (
        <Txt>
          {label(fit.back.style === 'scribed' ? 'fit.backScribed' : 'fit.backStraight', {
            gap: aboutWords(fit.back.worst.mm, job),
            by: lengthWords(fit.back.allowanceMm, job),
            wide: lengthWords(board.width.mm, job),
          })}
        </Txt>
      ) : null}
      <NoticeLine
        kind={odds >= fit.wantedOdds - 0.5 ? 'sure' : 'doubtful'}
        word={label('fit.odds', { odds: ofHundred(odds) })}
        words={label('fit.gapIs', {
          gap: aboutWords(worst.mm, job),
          from: aboutWords(worst.fromMm, job),
          to: aboutWords(worst.toMm, job),
        })}
      />
      <Txt tone="faint">{words(fit.reason, job)}</Txt>
      <View style={styles.buttons}>
        <Button title={label('fit.choose')} icon={SlidersHorizontal} grow onPress={() => setOpen('ends')} />
        <Button title={label('template.open')} icon={FileDown} grow onPress={() => setOpen('template')} />
      </View>
      <Button title={label('trial.open')} icon={Hammer} onPress={() => setOpen('trial')} />
      {open === 'trial' ? (
        <TrialSheet board={board} job={job} checks={plan.trials} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'ends' ? <EndsSheet board={board} fit={fit} job={job} onClose={() => setOpen(null)} /> : null}
      {open === 'template' ? <TemplateSheet board={board} job={job} onClose={() => setOpen(null)} /> : null}
    </Section>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    ends: { flexDirection: 'row', gap: SPACE.three },
    end: { flex: 1 },
    buttons: { flexDirection: 'row', gap: SPACE.half },
  }),
);
