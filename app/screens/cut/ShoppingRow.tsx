import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { ShoppingLine } from '@dormer/core/work/stock/shopping';
import { perUnit, words } from '@dormer/core/say/words/first';
import { Button, LengthField, NoticeLine, Press, TextField, Txt } from '../../ui';
import { money } from '../../labels/money';
import { useLabel } from '../../labels';
import { useAppDispatch } from '../../store';
import { measuredStock } from '../../store/cuttingActions';
import { makeStyles, RADIUS, SIZE, SPACE, TARGET } from '../../theme';

interface ShoppingRowProps {
  readonly line: ShoppingLine;
  readonly job: Job;
  readonly ticked: boolean;
  readonly open: boolean;
  readonly measure: { readonly section: string; readonly thicknessMm: number; readonly measured: boolean } | null;
  readonly onTick: () => void;
  readonly onOpen: () => void;
  readonly onHave: (count: number) => void;
  readonly onLeave: () => void;
}

/** One line of the shopping list, ticked as it goes into the basket. */
export function ShoppingRow(props: ShoppingRowProps) {
  const { line, job, ticked, open, onTick, onOpen } = props;
  const styles = useStyles();
  const label = useLabel();
  const what = words(line.what, job);
  return (
    <View style={styles.line}>
      <View style={styles.row}>
        <Press
          role="checkbox"
          aria-checked={ticked}
          aria-label={label('buy.tick', { what })}
          onPress={onTick}
          style={styles.tick}
        >
          <View style={[styles.box, ticked && styles.boxOn]}>{ticked ? <Txt style={styles.mark}>✓</Txt> : null}</View>
        </Press>
        <Press role="button" aria-expanded={open} onPress={onOpen} style={styles.what}>
          <Txt style={ticked ? styles.done : undefined}>{what}</Txt>
          <Txt kind="small" tone="faint">
            <Amount line={line} job={job} />
          </Txt>
        </Press>
        <Txt kind="strong">{money(line.price, job)}</Txt>
      </View>
      {line.short ? <NoticeLine kind="doubtful" word={label('buy.short')} words={label('buy.shortWhy')} /> : null}
      {open ? <More {...props} /> : null}
    </View>
  );
}

/** Amount and packs of a shopping line. */
function Amount({ line, job }: Pick<ShoppingRowProps, 'line' | 'job'>) {
  const label = useLabel();
  const [first] = line.packs;
  if (!first) return label('buy.there');
  if (line.kind === 'wood') return label('buy.boards', { count: first.count, price: money(first.price, job) });
  const packs = line.packs.map((pack) => `${pack.count} × ${words(pack.what, job)}`).join(' + ');
  const { sign, holds } = line.unit === 'each' ? { sign: '', holds: 1 } : perUnit[line.unit](job);
  // A need is rounded up: less would not be enough.
  const amount = `${Math.ceil(line.need / holds)} ${sign}`.trim();
  return label('buy.needs', { amount, packs });
}

/** Fields of an open line: amount already owned, real thickness, leave in the shop. */
function More({ line, job, measure, onHave, onLeave }: ShoppingRowProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const counted = line.unit === 'each' ? { sign: label('buy.pieces'), holds: 1 } : perUnit[line.unit](job);
  return (
    <View style={styles.more}>
      <TextField
        label={label('buy.have', { unit: counted.sign })}
        value={line.have > 0 ? String(Number((line.have / counted.holds).toFixed(1))) : ''}
        inputMode="decimal"
        onCommit={(typed) => {
          const count = Number(typed.trim().replace(',', '.') || '0');
          const good = Number.isFinite(count) && count >= 0 && count <= 100_000;
          if (good) onHave(count * counted.holds);
          return good;
        }}
      />
      {measure ? (
        <LengthField
          label={label('buy.really')}
          value={job.stock.measured.find(({ item }) => item === measure.section)?.thickness ?? null}
          units={job.units}
          tape={job.tape}
          leastMm={1}
          onCommit={(thickness) => dispatch(measuredStock(measure.section, measure.thicknessMm, thickness))}
        />
      ) : null}
      {line.kind === 'wood' ? <Button title={label('buy.leave')} onPress={onLeave} /> : null}
      <Txt kind="small" tone="faint">
        {label(`buy.price.${line.priceIs}`, { from: job.stock.priced ?? '' })}
      </Txt>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    line: { borderTopWidth: 1, borderTopColor: colours.rule },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    tick: { minHeight: TARGET, minWidth: TARGET, alignItems: 'center', justifyContent: 'center' },
    box: {
      width: 26,
      height: 26,
      borderWidth: 2,
      borderColor: colours.pencil,
      borderRadius: RADIUS.small,
      alignItems: 'center',
      justifyContent: 'center',
    },
    boxOn: { backgroundColor: colours.action, borderColor: colours.action },
    mark: { color: colours.panel, fontSize: SIZE.body, lineHeight: 20 },
    what: { flex: 1, minHeight: TARGET, justifyContent: 'center', paddingVertical: SPACE.small },
    done: { textDecorationLine: 'line-through' },
    more: { gap: SPACE.half, paddingBottom: SPACE.one, paddingLeft: SPACE.two },
  }),
);
