import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { LIMITS, STUD_FOUND_BY, usualLength, type Job, type Stud } from '@dormer/core/job/document';
import { spacingsTriedMm, type StudAdvice } from '@dormer/core/place/kinds';
import type { Plan } from '@dormer/core/plan';
import { asTyped } from '@dormer/core/base/quantity';
import { lengthWords, listWords } from '@dormer/core/say/words/first';
import { Button, LengthField, NoticeLine, Section, Segmented, Txt } from '../../../ui';
import { useLabel, type Label } from '../../../labels';
import { newId } from '../../../store';
import { makeStyles, SPACE } from '../../../theme';
import { wallsIn } from './walls';

interface StudsFormProps {
  readonly job: Job;
  readonly plan: Plan | null;
  readonly onChange: (studs: Stud[]) => void;
}

/** Studs that were found, and where the next should be. */
export function StudsForm({ job, plan, onChange }: StudsFormProps) {
  const styles = useStyles();
  const label = useLabel();
  const { studs } = job.place;
  const walls = wallsIn(job);
  const [wall, setWall] = useState<Stud['wall']>(walls.includes('back') ? 'back' : (walls[0] ?? 'back'));
  const [found, setFound] = useState<Stud['found']>('magnet');
  const here = studs.filter((stud) => stud.wall === wall).sort((a, b) => a.from.mm - b.from.mm);
  const advice = plan?.studs.find((stud) => stud.wall === wall);
  const add = (from: Stud['from']) => onChange([...studs, { id: newId(), wall, from, found }]);
  const last = here.at(-1)?.from.mm ?? 0;
  return (
    <Section title={label('studs.title')}>
      {walls.length > 1 ? (
        <Segmented
          label={label('field.wall')}
          value={wall}
          options={walls.map((value) => ({ value, title: label(`choice.${value}`) }))}
          onChange={setWall}
        />
      ) : null}
      {here.length === 0 ? <Txt tone="faint">{label('studs.none')}</Txt> : null}
      {here.map((one, i) => (
        <View key={one.id} style={styles.row}>
          <View style={styles.field}>
            <LengthField
              label={label('studs.from', {
                number: i + 1,
                end: label(`wall.begins.${wall}`),
                found: label(`found.${one.found}`),
              })}
              value={one.from}
              units={job.units}
              tape={job.tape}
              onCommit={(from) => onChange(studs.map((stud) => (stud.id === one.id ? { ...stud, from } : stud)))}
            />
          </View>
          <Button
            title={label('studs.remove', { number: i + 1 })}
            icon={Trash}
            iconOnly
            look="quiet"
            onPress={() => onChange(studs.filter((stud) => stud.id !== one.id))}
          />
        </View>
      ))}
      {advice ? <Advice advice={advice} job={job} here={here} /> : null}
      <Segmented
        titled
        look="chips"
        label={label('studs.found')}
        value={found}
        options={STUD_FOUND_BY.map((value) => ({ value, title: label(`found.${value}`) }))}
        onChange={setFound}
      />
      <Button
        title={label('studs.add')}
        disabled={studs.length >= LIMITS.studs}
        onPress={() =>
          add(
            advice?.tryMm[0] !== undefined
              ? asTyped(advice.tryMm[0], job.units, job.tape)
              : here.length === 0
                ? usualLength(400, '16', job.units)
                : asTyped(last + spacingsTriedMm(job.units)[0], job.units, job.tape),
          )
        }
      />
    </Section>
  );
}

/** Where to look next, or that the spacing does not hold. */
function Advice({ advice, job, here }: { advice: StudAdvice; job: Job; here: readonly Stud[] }) {
  const label = useLabel();
  const odd = here.flatMap((one, i) => (advice.odd.includes(one.id) ? [i + 1] : []));
  const next = tries(advice, job);
  const end = label(`wall.begins.${advice.wall}`);
  if (advice.state === 'broken') {
    const words =
      advice.spacingMm === null
        ? label('studs.noSpacing')
        : label(next ? 'studs.broken' : 'studs.brokenAll', {
            odd: listWords(odd, job),
            ...spacingOf(advice, job),
            next,
            end,
          });
    return <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={words} />;
  }
  return <Txt>{sentence(advice, job, label, next, end)}</Txt>;
}

function sentence(advice: StudAdvice, job: Job, label: Label, next: string, end: string): string {
  if (advice.state === 'one') return label('studs.one', { next, end });
  return next
    ? label('studs.holds', { ...spacingOf(advice, job), next, end })
    : label('studs.all', spacingOf(advice, job));
}

const spacingOf = (advice: StudAdvice, job: Job) => ({ spacing: lengthWords(advice.spacingMm ?? 0, job) });
const tries = (advice: StudAdvice, job: Job) =>
  advice.tryMm
    .slice(0, 3)
    .map((mm) => lengthWords(mm, job))
    .join(', ');

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.half },
    field: { flex: 1 },
  }),
);
