import Download from 'lucide-react-native/icons/download';
import Printer from 'lucide-react-native/icons/printer';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { snapToTape } from '@dormer/core/base/quantity';
import { elevationScene, sectionScene } from '@dormer/core/say/scene';
import { pieceInElevation } from '@dormer/core/say/scene/layout';
import type { Cutting, Layout } from '@dormer/core/work/stock';
import { partsOn, restsOf } from '@dormer/core/work/stock/sheets/layout';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, Press, StageLayout, Txt } from '../../ui';
import { PlanNotices } from '../../parts/PlanNotices';
import { usePrinting } from '../../platform/usePrinting';
import { SceneView } from '../../drawing';
import { useLabel } from '../../labels';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET, useWide } from '../../theme';
import { CuttingWork } from './CuttingWork';
import { describeLayout, LayoutDrawing } from './LayoutDrawing';
import { LayoutFiles } from './LayoutFiles';
import { LayoutPrint } from './LayoutPrint';
import { money } from '../../labels/money';
import { StockForm } from './StockForm';
import { useCutting } from '../../store/useCutting';

interface LayoutsTabProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly tabs: ReactNode;
  /** The piece one looks for, in layout, list and elevation alike. */
  readonly part: string | null;
  readonly onPart: (part: string | null) => void;
}

/** From what every piece is cut, and how: boards and sheets drawn with their kerfs, the same piece lit everywhere. */
export function LayoutsTab({ job, plan, tabs, part, onPart }: LayoutsTabProps) {
  const label = useLabel();
  const wide = useWide();
  const { cutting, current, share, stopped, again } = useCutting(job);
  const [chosen, setChosen] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const { printing, print } = usePrinting();
  const layouts = cutting?.layouts ?? [];
  const layout = layouts.find(({ id }) => id === chosen) ?? layouts[0] ?? null;
  const pick = (id: string) => {
    const holder = layouts.find(({ tree }) =>
      partsOn(tree).some((piece) => cutting && partIn(cutting, piece.part) === id),
    );
    if (holder) setChosen(holder.id);
    onPart(id === part ? null : id);
  };
  const where = part === null ? null : <PieceInPlace job={job} plan={plan} part={part} />;
  const nothing = layouts.length === 0;
  return (
    <StageLayout
      name={label('stage.cut')}
      share={0.26}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        <LayoutDrawing
          job={job}
          plan={plan}
          layout={layout}
          cutting={cutting}
          otherwise={() => sectionScene(plan, job, { upMm: plan.opening.extent.height / 2, exaggeration: 1 })}
          selected={part === null ? null : { kind: 'part', id: part }}
          onPress={(about) => (about.kind === 'part' ? pick(about.id) : undefined)}
          below={wide ? where : null}
        />
      }
      foot={
        nothing ? null : (
          <>
            <Button
              title={label('layout.files')}
              icon={Download}
              grow
              disabled={!current}
              onPress={() => setSaving(true)}
            />
            <Button title={label('cut.print')} icon={Printer} grow disabled={!current} onPress={print} />
          </>
        )
      }
    >
      {tabs}
      <CuttingWork share={share} stopped={stopped} again={again} />
      {cutting ? <PlanNotices reader={job} problems={cutting.problems} /> : null}
      {nothing && share === null && !stopped ? (
        <Txt tone="faint">{label(plan.parts.length === 0 ? 'cut.empty' : 'layout.none')}</Txt>
      ) : null}
      {cutting?.groups.map((group) => (
        <GroupView
          key={group.id}
          group={group}
          layouts={layouts.filter((other) => other.group === group.id)}
          cutting={cutting}
          job={job}
          chosen={layout?.id ?? null}
          part={part}
          onChoose={setChosen}
          onPart={pick}
        />
      ))}
      {wide ? null : where}
      <StockForm job={job} />
      {saving && cutting ? <LayoutFiles job={job} cutting={cutting} onClose={() => setSaving(false)} /> : null}
      {printing && cutting ? <LayoutPrint job={job} plan={plan} cutting={cutting} /> : null}
    </StageLayout>
  );
}

/** Highlights a piece in the elevation. */
function PieceInPlace({ job, plan, part }: Pick<LayoutsTabProps, 'job' | 'plan'> & { part: string }) {
  const elevation = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });
  const place = pieceInElevation(plan, part);
  const scene = place ? { ...elevation, shapes: [...elevation.shapes, place] } : elevation;
  return <SceneView scene={scene} reader={job} size={ELEVATION} terse />;
}

const ELEVATION = { width: 340, height: 300 } as const;

/** The part a blank is of. */
const partIn = ({ blanks }: Cutting, blank: string) => blanks.find((one) => one.id === blank)?.parts[0] ?? blank;

interface GroupProps {
  readonly group: Cutting['groups'][number];
  readonly layouts: readonly Layout[];
  readonly cutting: Cutting;
  readonly job: Job;
  readonly chosen: string | null;
  readonly part: string | null;
  readonly onChoose: (layout: string) => void;
  readonly onPart: (part: string) => void;
}

/** Everything that is cut from one kind of board, and how good that is. */
function GroupView({ group, layouts, cutting, job, chosen, part, onChoose, onPart }: GroupProps) {
  const styles = useStyles();
  const label = useLabel();
  const [first] = layouts;
  if (!first) return null;
  const used = Math.round(group.usedShare * 100);
  const price = money(group.price, job);
  return (
    <View style={styles.group}>
      <Txt kind="title">{words(first.item.name, job)}</Txt>
      <Txt kind="small" tone="faint">
        {label('layout.used', { count: layouts.length, used })}{' '}
        {group.price === 0
          ? label('layout.nothingBought')
          : group.proven
            ? label('layout.proven', { price })
            : label('layout.bound', { price, bound: money(group.boundPrice, job) })}
      </Txt>
      {group.planedFromMm !== null ? (
        <Txt kind="small">
          {label('layout.planed', {
            from: lengthWords(group.planedFromMm, job),
            to: lengthWords(group.thicknessMm, job),
          })}
        </Txt>
      ) : null}
      {layouts.map((layout) => (
        <View key={layout.id} style={[styles.layout, layout.id === chosen && styles.chosen]}>
          <Press
            role="button"
            aria-pressed={layout.id === chosen}
            aria-label={label('layout.show', { what: describeLayout(layout, cutting, job) })}
            style={styles.head}
            onPress={() => onChoose(layout.id)}
          >
            <Txt kind="strong">{layout.id}</Txt>
            <Txt style={styles.grow}>
              {layout.item.form === 'sheet'
                ? `${lengthWords(layout.item.lengthMm, job)} × ${lengthWords(layout.item.widthMm, job)}`
                : lengthWords(layout.item.lengthMm, job)}
              {layout.from === 'shop' ? '' : ` · ${label(`layout.from.${layout.from}`)}`}
            </Txt>
            <Txt kind="small" tone="faint">
              {leftWords(layout, job, label)}
            </Txt>
          </Press>
          <View style={styles.parts}>
            {partsOn(layout.tree).map((piece) => {
              const blank = cutting.blanks.find((one) => one.id === piece.part);
              const id = blank?.parts[0] ?? piece.part;
              return (
                <Press
                  key={piece.part}
                  role="button"
                  aria-pressed={id === part}
                  onPress={() => onPart(id)}
                  style={[styles.part, id === part && styles.lit]}
                >
                  <Txt style={styles.label}>{blank?.label ?? piece.part}</Txt>
                  <Txt kind="small">{lengthWords(piece.lengthMm, job, false)}</Txt>
                </Press>
              );
            })}
          </View>
        </View>
      ))}
    </View>
  );
}

function leftWords(layout: Layout, job: Job, label: ReturnType<typeof useLabel>): string {
  const kept = restsOf(layout.tree).filter((one) => Math.max(one.lengthMm, one.widthMm) >= job.stock.keep.mm);
  const [largest] = [...kept].sort((a, b) => b.lengthMm * b.widthMm - a.lengthMm * a.widthMm);
  if (!largest) return label('layout.noRest');
  const down = (mm: number) => lengthWords(snapToTape(mm, job.tape, 'down'), job);
  const long = down(largest.lengthMm);
  return label('layout.rest', {
    rest: layout.item.form === 'sheet' ? `${long} × ${down(largest.widthMm)}` : long,
  });
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    group: { borderTopWidth: 2, borderTopColor: colours.pencil, paddingTop: SPACE.one, gap: SPACE.half },
    layout: {
      borderTopWidth: 1,
      borderTopColor: colours.rule,
      paddingVertical: SPACE.half,
      paddingHorizontal: SPACE.half,
    },
    chosen: { backgroundColor: colours.panel, borderLeftWidth: 4, borderLeftColor: colours.action },
    head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one, minHeight: TARGET },
    grow: { flex: 1 },
    parts: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
    part: {
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.small,
      paddingHorizontal: SPACE.one,
      minHeight: TARGET,
      minWidth: TARGET,
      justifyContent: 'center',
      alignItems: 'center',
    },
    lit: { borderColor: colours.chalk, borderWidth: 2, backgroundColor: colours.panel },
    label: { fontFamily: FONT.condensedBold, fontSize: SIZE.body },
  }),
);
