import { StyleSheet, View } from 'react-native';
import {
  coatsFor,
  finishOf,
  FINISHES,
  usualCoats,
  type Coat,
  type Finish,
  type Job,
  type Lot,
} from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Section, Segmented, Stepper, Txt, useKeptPlace } from '../../ui';
import { useLabel, type Label } from '../../labels';
import { SPACE } from '../../theme';
import { FinishSheet } from './FinishSheet';
import { lotsIn } from './lots';
import { useStock } from './useStock';

const USUAL_COATS = 2;
const MOST_COATS = 6;

/** The usual finish for all pieces, and which lots have coats of their own. */
export function FinishSection({ job, plan }: { job: Job; plan: Plan }) {
  const label = useLabel();
  const set = useStock();
  const [open, setOpen] = useKeptPlace<true | null>('coats', null);
  const { coats, lotCoats = {} } = job.stock;
  const finish = finishOf(coats);
  const count = coats.filter((coat) => coat === (finish === 'stain' ? 'clear' : finish)).length;
  const isUsual = coats.join() === usualCoats(finish, count).join();
  // Coats under a finish that is still to come have no name of their own.
  const isPrimed = finish === 'bare' && coats.length > 0;
  const kept = count === 0 ? USUAL_COATS : Math.min(count, MOST_COATS);
  const own = lotsIn(job, plan).filter((lot): lot is Lot => lot !== 'all' && lotCoats[lot] !== undefined);
  return (
    <Section title={label('buy.finishTitle')}>
      <Segmented<Finish | 'own'>
        label={label('buy.finishTitle')}
        look="chips"
        value={isPrimed ? 'own' : finish}
        options={FINISHES.map((value) => ({ value, title: label(`buy.finish.${value}`) }))}
        onChange={(next) => (next === 'own' ? undefined : set({ coats: usualCoats(next, kept) }))}
      />
      {finish !== 'bare' && isUsual ? (
        <Stepper
          label={label('buy.coats')}
          less={label('buy.coatsLess')}
          more={label('buy.coatsMore')}
          value={count}
          least={1}
          most={MOST_COATS}
          onChange={(wanted) => set({ coats: usualCoats(finish, wanted) })}
        />
      ) : null}
      <View style={styles.lines}>
        {coats.length > 0 ? <Txt kind="small">{coatsWords(coats, label)}</Txt> : null}
        {own.map((lot) => (
          <Txt key={lot} kind="small">
            {label('finish.lot', { lot: label(`finish.lot.${lot}`), coats: coatsWords(coatsFor(job, lot), label) })}
          </Txt>
        ))}
      </View>
      <Button title={label('finish.set')} onPress={() => setOpen(true)} />
      {open ? <FinishSheet job={job} plan={plan} onClose={() => setOpen(null)} /> : null}
    </Section>
  );
}

/** Coats in their order, in one line. */
const coatsWords = (coats: readonly Coat[], label: Label): string =>
  coats.length === 0 ? label('buy.finish.bare') : coats.map((coat) => label(`finish.coat.${coat}`)).join(' → ');

const styles = StyleSheet.create({ lines: { gap: SPACE.small } });
