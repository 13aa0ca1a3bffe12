import { StyleSheet, View } from 'react-native';
import {
  BOX_BACKS,
  BOX_CORNERS,
  usualBox,
  usualBoxBack,
  usualTrimThickness,
  type BoxWish,
  type Job,
} from '@dormer/core/job/document';
import type { CavityBox } from '@dormer/core/place/opening';
import type { Plan } from '@dormer/core/plan';
import { asTyped, snapToTape } from '@dormer/core/base/quantity';
import { aboutWords, lengthWords } from '@dormer/core/say/words/first';
import { LengthField, NoticeLine, Section, Segmented, Toggles, Txt } from '../../ui';
import { Why } from '../../parts/Why';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';

const ODDS = [90, 95, 97, 99] as const;

/** The largest upright box that goes into the cavity, its shims, and whether the trim hides the gap. */
export function BoxSection({ job, plan }: { job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { box } = plan;
  const wish = job.box ?? usualBox(job.units);
  const put = (to: typeof wish) => dispatch(editJob((one) => ({ ...one, box: to })));
  const set = (change: Partial<typeof wish>) => put({ ...wish, ...change });
  return (
    <Section title={label('box.title')}>
      {box ? (
        <>
          <Txt tone="faint">{label(wish.size ? 'box.isTyped' : 'box.is')}</Txt>
          <View style={styles.sizes}>
            {(['width', 'height', 'depth'] as const).map((name) => {
              const figure = box[name];
              return figure ? (
                <View key={name} style={styles.size}>
                  <Txt kind="small" tone="faint">
                    {label(`box.${name}`)}
                  </Txt>
                  <Why figure={figure} name={label(`box.${name}.name`)} reader={job} readings={plan.readings} />
                </View>
              ) : null;
            })}
          </View>
          <NoticeLine
            kind={box.odds >= wish.odds - 0.5 ? 'sure' : 'doubtful'}
            word={label('box.odds', { odds: Math.round(box.odds) })}
            words={label('box.oddsIs')}
          />
          <Shims box={box} job={job} />
          <Txt>
            {label(box.trim.covers ? 'box.covers' : 'box.doesNotCover', {
              gap: aboutWords(box.trim.worstGapMm + box.trim.sureMm, job),
            })}
          </Txt>
        </>
      ) : (
        <Txt tone="faint">{label('box.notYet')}</Txt>
      )}
      <Segmented
        titled
        label={label('place.back')}
        value={job.place.back ? 'yes' : 'no'}
        options={(['yes', 'no'] as const).map((value) => ({ value, title: label(value) }))}
        onChange={(value) => dispatch(editJob((one) => ({ ...one, place: { ...one.place, back: value === 'yes' } })))}
      />
      <Txt kind="small" tone="faint">
        {label(job.place.back ? (box && !box.depth ? 'box.backUnread' : 'box.backThere') : 'box.backOpen')}
      </Txt>
      <BoxSize job={job} box={box} wish={wish} onChange={put} />
      <Segmented
        titled
        label={label('box.wanted')}
        value={wish.odds}
        options={ODDS.map((value) => ({ value: value as number, title: `${value} %` }))}
        onChange={(odds) => set({ odds })}
      />
      <TrimFields job={job} wish={wish} onChange={put} />
      <Segmented
        titled
        label={label('box.corners')}
        value={wish.corners ?? 'screwed'}
        options={BOX_CORNERS.map((value) => ({ value, title: label(`box.corners.${value}`) }))}
        onChange={(corners) => set({ corners })}
      />
      <BackFields job={job} wish={wish} onChange={put} />
    </Section>
  );
}

interface WishFieldsProps {
  readonly job: Job;
  readonly wish: BoxWish;
  readonly onChange: (wish: BoxWish) => void;
}

/** Trim about the face: where it goes, and its sizes. */
function TrimFields({ job, wish, onChange }: WishFieldsProps) {
  const label = useLabel();
  const set = (change: Partial<BoxWish>) => onChange({ ...wish, ...change });
  return (
    <>
      <Segmented
        titled
        label={label('box.trim')}
        value={wish.trim.foot === false ? 'noFoot' : 'all'}
        options={(['all', 'noFoot'] as const).map((value) => ({ value, title: label(`box.trim.${value}`) }))}
        onChange={(value) => {
          const { foot: _foot, ...trim } = wish.trim;
          set({ trim: value === 'all' ? trim : { ...trim, foot: false } });
        }}
      />
      {(['width', 'thickness', 'reveal'] as const).map((name) => (
        <LengthField
          key={name}
          label={label(`box.trim.${name}`)}
          value={wish.trim[name] ?? usualTrimThickness(job.units)}
          units={job.units}
          tape={job.tape}
          sign={name === 'reveal' ? 'notNegative' : 'positive'}
          onCommit={(value) => set({ trim: { ...wish.trim, [name]: value } })}
        />
      ))}
    </>
  );
}

/** The panel at the back: whether there is one, how thick, and how it lies. */
function BackFields({ job, wish, onChange }: WishFieldsProps) {
  const label = useLabel();
  const set = (change: Partial<BoxWish>) => onChange({ ...wish, ...change });
  return (
    <>
      <Toggles<'back'>
        label={label('box.behind')}
        chosen={wish.back ? ['back'] : []}
        options={[{ value: 'back', title: label('box.backed') }]}
        onChange={(chosen) => {
          const { back = usualBoxBack(job.units), backFit: _fit, ...without } = wish;
          onChange(chosen.length > 0 ? { ...wish, back } : without);
        }}
      />
      {wish.back ? (
        <LengthField
          label={label('box.back')}
          value={wish.back}
          units={job.units}
          tape={job.tape}
          sign="positive"
          onCommit={(back) => set({ back })}
        />
      ) : null}
      {wish.back ? (
        <Segmented
          titled
          label={label('box.backFit')}
          value={wish.backFit ?? BOX_BACKS[0]}
          options={BOX_BACKS.map((value) => ({ value, title: label(`box.backFit.${value}`) }))}
          onChange={(backFit) => set({ backFit })}
        />
      ) : null}
    </>
  );
}

interface BoxSizeProps extends WishFieldsProps {
  readonly box: CavityBox | null;
}

/** Outside sizes: the largest that fit, or typed. What is typed first is what fits, to be made smaller by hand. */
function BoxSize({ job, box, wish, onChange }: BoxSizeProps) {
  const label = useLabel();
  const { size, ...largest } = wish;
  const begin = (): BoxWish['size'] =>
    box
      ? { width: asTyped(box.width.mm, job.units, job.tape), height: asTyped(box.height.mm, job.units, job.tape) }
      : {};
  return (
    <>
      <Segmented
        titled
        label={label('box.size')}
        value={size ? 'typed' : 'largest'}
        options={(['largest', 'typed'] as const).map((value) => ({ value, title: label(`box.size.${value}`) }))}
        onChange={(value) => onChange(value === 'largest' ? largest : { ...wish, size: begin() })}
      />
      {size
        ? (['width', 'height'] as const).map((name) => (
            <LengthField
              key={name}
              label={label(`box.size.${name}`)}
              value={size[name] ?? null}
              units={job.units}
              tape={job.tape}
              sign="positive"
              onCommit={(value) => onChange({ ...wish, size: { ...size, [name]: value } })}
            />
          ))
        : null}
    </>
  );
}

/** What to put between box and stud at each fixing point, from the top down. */
function Shims({ box, job }: { box: CavityBox; job: Job }) {
  const styles = useStyles();
  const label = useLabel();
  const ups = [...new Set(box.shims.map((one) => one.upMm))].sort((a, b) => b - a);
  const at = (up: number, side: 'left' | 'right', out: 'front' | 'back') =>
    box.shims.find((one) => one.upMm === up && one.side === side && one.at === out)?.shimMm ?? 0;
  // Shims are told to the finest mark, whatever the tape.
  const shim = (mm: number) => lengthWords(mm, { ...job, tape: job.units === 'in' ? '1/32in' : '0.5mm' }, false);
  return (
    <View role="table" aria-label={label('box.shims')}>
      <View role="row" style={styles.row}>
        {(['up', 'left', 'right'] as const).map((name) => (
          <Txt key={name} role="columnheader" kind="small" tone="faint" style={styles.cell}>
            {label(`box.shims.${name}`)}
          </Txt>
        ))}
      </View>
      {ups.map((up) => (
        <View key={up} role="row" style={styles.row}>
          <Txt role="cell" style={styles.cell}>
            {lengthWords(snapToTape(up, job.units === 'in' ? '1/16in' : '1mm', 'nearest'), job)}
          </Txt>
          {(['left', 'right'] as const).map((side) => (
            <Txt key={side} role="cell" style={styles.cell}>
              {label('box.shim', {
                back: shim(at(up, side, 'back')),
                front: shim(at(up, side, 'front')),
                unit: job.units,
              })}
            </Txt>
          ))}
        </View>
      ))}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    sizes: { flexDirection: 'row', gap: SPACE.two },
    size: { flex: 1 },
    row: {
      flexDirection: 'row',
      gap: SPACE.half,
      paddingVertical: SPACE.small,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
    },
    cell: { flex: 1 },
  }),
);
