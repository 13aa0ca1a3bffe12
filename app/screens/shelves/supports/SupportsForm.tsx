import Replace from 'lucide-react-native/icons/replace';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { withSystem, type Job, type SystemName } from '@dormer/core/job/document';
import { message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import { listWords, words } from '@dormer/core/say/words/first';
import { Button, Section, Txt, useKeptPlace } from '../../../ui';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';
import { AskFields } from './AskFields';
import { BoardForm } from './BoardForm';
import { Drilling } from './Drilling';
import { FixingForm } from './FixingForm';
import { LoadForm } from './LoadForm';
import { StrengthList } from './StrengthList';
import { SystemsSheet } from './SystemsSheet';

interface SupportsFormProps {
  readonly job: Job;
  readonly plan: Plan | null;
  readonly selected: number | null;
  readonly onSelect: (shelf: number) => void;
  readonly onPrint: () => void;
}

/** What carries the shelves, whether it holds, and every screw of it. */
export function SupportsForm({ job, plan, selected, onSelect, onPrint }: SupportsFormProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [changing, setChanging] = useKeptPlace<SystemName | null>('systems', null);
  const used = useMemo(() => systemsIn(job), [job]);
  return (
    <>
      <Section title={label('support.title')}>
        {used.map((system) => (
          <View key={system} style={styles.row}>
            <Txt kind="strong" style={styles.grow}>
              {words(message(`system.${system}`), job)}
              {used.length > 1 ? ` · ${label('support.ofShelves', shelvesOn(job, plan, system))}` : ''}
            </Txt>
            <Button
              title={label('support.change')}
              icon={Replace}
              disabled={!plan}
              onPress={() => setChanging(system)}
            />
          </View>
        ))}
      </Section>
      {plan ? <StrengthList job={job} plan={plan} selected={selected} onSelect={onSelect} /> : null}
      <LoadForm job={job} />
      <BoardForm job={job} plan={plan} />
      {used.map((system) => (
        <AskFields key={system} job={job} system={system} />
      ))}
      <FixingForm job={job} />
      {plan ? <Drilling job={job} plan={plan} onPrint={onPrint} /> : null}
      {plan && plan.needed.length > 0 ? (
        <Section title={label('needed.title')}>
          {plan.needed.map((one) => (
            <View key={JSON.stringify(one.what)} style={styles.step}>
              <Txt kind="strong" style={styles.count}>
                {one.count} ×
              </Txt>
              <Txt style={styles.grow}>{words(one.what, job)}</Txt>
            </View>
          ))}
        </Section>
      ) : null}
      {plan && plan.order.length > 0 ? (
        <Section title={label('order.title')}>
          {plan.order.map(({ system, steps }) =>
            steps.map((step, index) => (
              <View key={`${system}-${step.code}`} style={styles.step}>
                <Txt kind="strong" style={styles.number}>
                  {index + 1}
                </Txt>
                <Txt style={styles.grow}>{words(step, job)}</Txt>
              </View>
            )),
          )}
        </Section>
      ) : null}
      {changing && plan ? (
        <SystemsSheet
          job={job}
          title={label('support.choose')}
          chosen={changing}
          onChoose={(to) => dispatch(editBay((one) => withSystem(one, changing, to)))}
          onClose={() => setChanging(null)}
        />
      ) : null}
    </>
  );
}

/** The systems that carry shelves of a job: that of all, then those of single shelves. */
function systemsIn({ support }: Job): SystemName[] {
  return [...new Set([support.system, ...(support.shelves ?? []).flatMap((shelf) => shelf.system ?? [])])];
}

function shelvesOn(job: Job, plan: Plan | null, system: SystemName): { count: number; shelves: string } {
  const { support } = job;
  const of = (shelf: number) => support.shelves?.find((one) => one.shelf === shelf)?.system ?? support.system;
  const numbers = plan?.shelves.map((shelf) => shelf.number).filter((shelf) => of(shelf) === system) ?? [];
  return { count: numbers.length, shelves: listWords(numbers, job) || '–' };
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    grow: { flex: 1 },
    step: { flexDirection: 'row', gap: SPACE.half },
    number: { width: 24, textAlign: 'right' },
    count: { width: 56, textAlign: 'right' },
  }),
);
