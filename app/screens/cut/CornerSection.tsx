import FileDown from 'lucide-react-native/icons/file-down';
import { StyleSheet, View } from 'react-native';
import { CORNER_SHAPES, usualCorner, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { snapToTape } from '@dormer/core/base/quantity';
import { aboutWords, lengthWords } from '@dormer/core/say/words/first';
import { Button, LengthField, NoticeLine, Section, Segmented, Txt, useKeptPlace } from '../../ui';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { Numbers } from './Numbers';
import { TemplateSheet } from './TemplateSheet';

/** One corner shelf as it is cut: its angle and its legs large, whose template it shares, its rails and its mitre. */
export function CornerSection({ board, job, plan }: { board: Plan['parts'][number]; job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const [open, setOpen] = useKeptPlace<boolean>('corner', false);
  const { corner } = board;
  if (!corner) return null;
  const degrees = (value: number) => `${value.toFixed(1)}°`;
  return (
    <Section title={label('fit.title', { label: board.label })}>
      <Numbers
        of={board.label}
        job={job}
        readings={plan.readings}
        all={[
          { name: label('corner.angle'), value: degrees(corner.cutDegrees) },
          { name: label('corner.back'), value: lengthWords(corner.backMm, job) },
          { name: label('corner.side'), value: lengthWords(corner.sideMm, job) },
          ...(corner.frontMm === null
            ? []
            : [
                {
                  name: label('corner.front'),
                  value: lengthWords(snapToTape(corner.frontMm, job.tape, 'nearest'), job),
                },
              ]),
        ]}
      />
      <NoticeLine
        kind={corner.neatOdds >= 50 ? 'sure' : 'doubtful'}
        word={label('corner.known', { angle: degrees(corner.degrees), sure: degrees(corner.sureDegrees) })}
        words={label('fit.gapIs', {
          gap: aboutWords(corner.worst.mm, job),
          from: aboutWords(corner.worst.fromMm, job),
          to: aboutWords(corner.worst.toMm, job),
        })}
      />
      {corner.sameAs !== null ? <Txt>{label('corner.sameAs', { shelf: corner.sameAs })}</Txt> : null}
      <Txt>{label('corner.mitre', { mitre: degrees(corner.mitreDegrees), tilt: degrees(corner.tiltDegrees) })}</Txt>
      <Txt>{label('corner.rails', { by: lengthWords(corner.rails.setBackMm, job) })}</Txt>
      <View style={styles.buttons}>
        <Button title={label('template.open')} icon={FileDown} grow onPress={() => setOpen(true)} />
      </View>
      {open ? <TemplateSheet board={board} job={job} onClose={() => setOpen(false)} /> : null}
    </Section>
  );
}

/** What shape the shelves of a corner have. */
export function CornerForm({ job }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const wish = job.corner ?? usualCorner(job.units);
  const set = (change: Partial<typeof wish>) =>
    void dispatch(editJob((one) => ({ ...one, corner: { ...wish, ...change } })));
  const arm = wish.shape === 'clipped' || wish.shape === 'ell';
  return (
    <Section title={label('corner.shape')}>
      <Segmented
        label={label('corner.shape')}
        look="column"
        value={wish.shape}
        options={CORNER_SHAPES.map((value) => ({ value, title: label(`corner.shape.${value}`) }))}
        onChange={(shape) => set({ shape })}
      />
      <LengthField
        label={label('corner.side')}
        value={wish.side}
        units={job.units}
        tape={job.tape}
        onCommit={(side) => set({ side })}
      />
      {arm ? (
        <LengthField
          label={label(wish.shape === 'ell' ? 'corner.arm' : 'corner.clip')}
          value={wish.arm}
          units={job.units}
          tape={job.tape}
          onCommit={(value) => set({ arm: value })}
        />
      ) : null}
    </Section>
  );
}

const useStyles = makeStyles(() => StyleSheet.create({ buttons: { flexDirection: 'row', gap: SPACE.half } }));
