import CircleCheck from 'lucide-react-native/icons/circle-check';
import OctagonX from 'lucide-react-native/icons/octagon-x';
import TriangleAlert from 'lucide-react-native/icons/triangle-alert';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { message } from '@dormer/core/base/message';
import { withChange, type Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { formatMass } from '@dormer/core/base/quantity';
import { aboutWords, words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Press, Section, Txt } from '../../../ui';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE, TARGET, useTheme } from '../../../theme';

type Strength = Plan['strengths'][number];

interface StrengthListProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly selected: number | null;
  readonly onSelect: (shelf: number) => void;
}

/** How each shelf stands up to what is put on it, and what would cure those that do not, one touch away. */
export function StrengthList({ job, plan, selected, onSelect }: StrengthListProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState<number | null>(null);
  if (plan.strengths.length === 0) {
    return (
      <Section title={label('strength.title')}>
        <Txt tone="faint">{label('strength.none')}</Txt>
      </Section>
    );
  }
  const shown = [...plan.strengths].sort((a, b) => b.shelf - a.shelf);
  return (
    <Section title={label('strength.title')}>
      {shown.map((strength) => (
        <Line
          key={strength.shelf}
          one={strength}
          job={job}
          lit={strength.shelf === selected}
          open={strength.shelf === open}
          onPress={() => {
            setOpen(strength.shelf === open ? null : strength.shelf);
            onSelect(strength.shelf);
          }}
        />
      ))}
      {plan.cures.length > 0 ? (
        <View role="group" aria-label={label('cure.title')} style={styles.cures}>
          <Txt kind="strong">{label('cure.title')}</Txt>
          {plan.cures.map((cure) => (
            <Button
              key={JSON.stringify(cure.change)}
              title={cureTitle(cure, job, label)}
              onPress={() => dispatch(editBay((was) => withChange(was, cure.change)))}
            />
          ))}
          <Txt kind="small" tone="faint">
            {label('cure.how')}
          </Txt>
        </View>
      ) : null}
      <Txt kind="small" tone="faint">
        {label('strength.drawn')}
      </Txt>
      <NoticeLine kind="caution" word={label('problem.caution')} words={words(message('caution.strength'), job)} />
    </Section>
  );
}

type Label = ReturnType<typeof useLabel>;

function cureTitle({ words: how, sagMm, change }: Plan['cures'][number], job: Job, label: Label): string {
  const what = words(how, job);
  const first = what.charAt(0).toUpperCase() + what.slice(1);
  return change.kind === 'screws' ? first : label('cure.to', { what: first, sag: aboutWords(sagMm, job) });
}

// Less than this is no sag to speak of.
const NO_SAG_MM = 0.2;

const ICONS = { holds: CircleCheck, sags: TriangleAlert, fails: OctagonX } as const;

interface LineProps {
  readonly one: Strength;
  readonly job: Job;
  readonly lit: boolean;
  readonly open: boolean;
  readonly onPress: () => void;
}

function Line({ one, job, lit, open, onPress }: LineProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  const label = useLabel();
  const seen = one.state === 'holds' && one.sag.state === 'seen';
  const Icon = seen ? TriangleAlert : ICONS[one.state];
  const ink = one.state === 'fails' ? colours.stop : one.state === 'sags' || seen ? colours.doubtful : colours.sure;
  const mass = (kg: number) => formatMass(kg, job.units === 'in' ? 'lb' : 'kg');
  const about = (mm: number) => aboutWords(mm, job);
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const { sag, weakest, carries } = one;
  return (
    <View style={[styles.line, lit && styles.lit]}>
      <Press role="button" aria-expanded={open} onPress={onPress} style={styles.press}>
        <Icon size={20} color={ink} aria-hidden />
        <View style={styles.grow}>
          <Txt>
            <Txt kind="strong">{label('strength.shelf', { shelf: one.shelf })} </Txt>
            <Txt kind="strong" style={{ color: ink }}>
              {label(seen ? 'strength.seen' : `strength.${one.state}`)}
            </Txt>
          </Txt>
          <Txt kind="small" tone="faint">
            {sag.lastingMm < NO_SAG_MM
              ? label('strength.noSag', { kg: mass(carries.kg) })
              : label('strength.sag', { sag: about(sag.lastingMm), kg: mass(carries.kg) })}
          </Txt>
        </View>
      </Press>
      {open ? (
        <View style={styles.more}>
          <Txt kind="small">
            {label('strength.limits', { span: about(one.spanMm), seen: about(sag.seenMm), usual: about(sag.usualMm) })}
          </Txt>
          <Txt kind="small">{label('strength.now', { now: about(sag.nowMm) })}</Txt>
          <Txt kind="small">{label(`strength.by.${carries.by}`, { self: mass(carries.selfKg) })}</Txt>
          <Txt kind="small">
            {label('strength.bending', { staying: percent(one.bending), leaning: percent(one.leaning) })}
          </Txt>
          {weakest ? (
            <Txt kind="small">
              {label(`strength.weakest.${weakest.into}`, {
                used: percent(weakest.used),
                carries: mass(weakest.shearN / 9.81),
                may: mass(weakest.mayShearN / 9.81),
              })}
              {weakest.pullN > 0
                ? ` ${label('strength.pull', { pull: mass(weakest.pullN / 9.81), may: mass(weakest.mayPullN / 9.81) })}`
                : ''}
            </Txt>
          ) : (
            <Txt kind="small">{label('strength.noJoint')}</Txt>
          )}
          {one.beams.map((beam) => (
            <Txt key={beam.part} kind="small">
              {label('strength.beam', {
                span: about(beam.spanMm),
                sag: about(beam.lastingMm),
                usual: about(beam.usualMm),
                used: percent(beam.bending),
              })}
            </Txt>
          ))}
        </View>
      ) : null}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    cures: { gap: SPACE.half },
    line: { borderTopWidth: 1, borderTopColor: colours.rule },
    lit: { backgroundColor: colours.actionWash },
    press: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half, minHeight: TARGET },
    more: { gap: SPACE.small, paddingLeft: 28, paddingBottom: SPACE.half },
    grow: { flex: 1 },
  }),
);
