import Plus from 'lucide-react-native/icons/plus';
import Trash from 'lucide-react-native/icons/trash';
import { StyleSheet, View } from 'react-native';
import { COATS, coatsFor, LIMITS, type Coat, type Job, type Lot } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, Section, Segmented, Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';
import { lotsIn } from './lots';
import { useStock } from './useStock';

interface FinishSheetProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly onClose: () => void;
}

/** The coats of all pieces, and of each lot that is finished in its own way. */
export const FinishSheet = guardedSheet(function FinishSheet({ job, plan, onClose }: FinishSheetProps) {
  const label = useLabel();
  return (
    <Sheet title={label('buy.finishTitle')} closeTitle={label('close')} onClose={onClose}>
      <Txt kind="small" tone="faint">
        {label('finish.is')}
      </Txt>
      {lotsIn(job, plan).map((lot) => (
        <LotCoats key={lot} job={job} lot={lot} />
      ))}
    </Sheet>
  );
});

/** Coats of one lot: as all pieces, or its own. */
function LotCoats({ job, lot }: { job: Job; lot: 'all' | Lot }) {
  const label = useLabel();
  const set = useStock();
  const { coats, lotCoats = {} } = job.stock;
  const name = label(`finish.lot.${lot}`);
  if (lot === 'all') {
    return (
      <Section title={name}>
        <CoatList name={name} coats={coats} may={COATS} onChange={(next) => set({ coats: [...next] })} />
      </Section>
    );
  }
  const own = lot === 'wall' || lotCoats[lot] !== undefined;
  const { [lot]: _own, ...others } = lotCoats;
  const put = (next: readonly Coat[]) => set({ lotCoats: { ...lotCoats, [lot]: [...next] } });
  return (
    <Section title={name}>
      {lot === 'wall' ? null : (
        <Segmented
          label={label('finish.whose', { lot: name })}
          look="chips"
          value={own ? 'own' : 'all'}
          options={(['all', 'own'] as const).map((value) => ({ value, title: label(`finish.whose.${value}`) }))}
          onChange={(value) => (value === 'own' ? put(coats) : set({ lotCoats: others }))}
        />
      )}
      {own ? (
        <CoatList
          name={name}
          coats={coatsFor(job, lot)}
          may={lot === 'wall' ? ['primer', 'paint'] : COATS}
          onChange={put}
        />
      ) : null}
    </Section>
  );
}

interface CoatListProps {
  readonly name: string;
  readonly coats: readonly Coat[];
  /** What may be put on. */
  readonly may: readonly Coat[];
  readonly onChange: (coats: readonly Coat[]) => void;
}

/** Coats in their order; each can be taken away, another comes last. */
function CoatList({ name, coats, may, onChange }: CoatListProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View role="group" aria-label={name} style={styles.list}>
      {coats.map((coat, i) => (
        <View key={`${coat}-${i}`} style={styles.row}>
          <Txt style={styles.grow}>
            {label('finish.numbered', { number: i + 1, coat: label(`finish.coat.${coat}`) })}
          </Txt>
          <Button
            title={label('finish.remove', { number: i + 1, coat: label(`finish.coat.${coat}`) })}
            icon={Trash}
            iconOnly
            onPress={() => onChange(coats.filter((_, at) => at !== i))}
          />
        </View>
      ))}
      {coats.length === 0 ? <Txt tone="faint">{label('finish.none')}</Txt> : null}
      <View style={styles.buttons}>
        {may.map((coat) => (
          <Button
            key={coat}
            title={label(`finish.coat.${coat}`)}
            icon={Plus}
            look="quiet"
            disabled={coats.length >= LIMITS.coats}
            onPress={() => onChange([...coats, coat])}
          />
        ))}
      </View>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    list: { gap: SPACE.small },
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.half,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
    },
    grow: { flex: 1 },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
