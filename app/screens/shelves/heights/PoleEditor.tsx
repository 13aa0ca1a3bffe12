import { message } from '@dormer/core/base/message';
import { useDrag } from '@use-gesture/react';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { dragTo, type DragAmong, type Dragged } from '@dormer/core/design/layout/forScreens';
import type { Plan } from '@dormer/core/plan';
import { TAPE_STEP_MM } from '@dormer/core/base/quantity';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Txt } from '../../../ui';
import type { Sheet } from '../../../drawing';
import { useLabel } from '../../../labels';
import { FONT, makeStyles, RADIUS, useTheme } from '../../../theme';
import { movable, type Shelf } from './edit';
import { MovingShelf } from './MovingShelf';

export interface PoleEditorProps {
  readonly plan: Plan;
  readonly job: Job;
  readonly sheet: Sheet;
  /** Where the pole and the left end of the shelves stand on the sheet, millimetres. */
  readonly pole: { readonly x: number; readonly width: number; readonly left: number; readonly height: number };
  readonly selected: number | null;
  readonly onSelect: (shelf: number) => void;
  readonly onMove: (shelf: number, topMm: number) => void;
  readonly onRemove: (shelf: number) => void;
  readonly onLock: (shelf: number) => void;
}

/** A shelf on its way: where it is pulled to, among the shelves of the plan it was pulled out of. */
interface Draft {
  readonly plan: Plan;
  readonly shelf: number;
  readonly wishedMm: number;
}

const HANDLE_HIGH = 44;
const HANDLE_WIDE = 76;
// A handle begins this far left of the pole; its grip stands over the pole's edges by so much.
const REACH = 20;
const OVER = 5;
// Arrow keys pressed one after another are one move.
const SETTLE_MS = 600;
const FAR = 10;

/**
 * Handles on the pole, one for each shelf: pulled, or moved with the arrow keys, a shelf goes from mark to mark of the
 * tape, says both its gaps, and stays out of what must be kept clear.
 */
export function PoleEditor(props: PoleEditorProps) {
  const { plan, job, sheet, pole, selected, onSelect } = props;
  const styles = useStyles();
  const label = useLabel();
  const { live, dragged, among, topOf, bind, press } = useMoving(props);
  const [poleX] = sheet.at([pole.x, 0]);
  const [leftX] = sheet.at([pole.left, 0]);
  const yOf = (mm: number) => sheet.at([0, mm])[1];
  return (
    <View style={styles.over} pointerEvents="box-none">
      {live && dragged ? (
        <MovingShelf
          dragged={dragged}
          job={job}
          leftX={leftX}
          rightX={poleX}
          yOf={yOf}
          thicknessMm={among.thicknessMm}
        />
      ) : null}
      {plan.shelves.map((shelf) => {
        const topMm = topOf(shelf);
        return (
          <Handle
            key={shelf.number}
            shelf={shelf}
            job={job}
            topMm={topMm}
            gaps={dragTo({ ...among, blocked: [] }, shelf.number, topMm)}
            mostMm={pole.height}
            lit={selected === shelf.number || live?.shelf === shelf.number}
            left={poleX - REACH}
            top={yOf(topMm) - HANDLE_HIGH / 2}
            gripWidth={pole.width * sheet.scale + 2 * OVER}
            drag={bind(shelf)}
            onKeyDown={(event) => press(event, shelf)}
            onFocus={() => {
              if (selected !== shelf.number) onSelect(shelf.number);
            }}
          />
        );
      })}
      {live && dragged?.refusedBy ? (
        <View style={[styles.refused, { top: Math.max(yOf(dragged.topMm) - 64, 2), left: Math.max(leftX, 4) }]}>
          <Txt style={styles.refusedText}>
            {label('pole.keepClear', { what: words(message(`clear.${dragged.refusedBy.what}`), job) })}
          </Txt>
        </View>
      ) : null}
    </View>
  );
}

/** Moves a shelf by pointer or keys, until the plan shows it at its new height. */
function useMoving({ plan, job, sheet, pole, onSelect, onMove, onRemove, onLock }: PoleEditorProps) {
  const [draft, setDraft] = useState<Draft | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const stopTimer = () => {
    if (timer.current) clearTimeout(timer.current);
  };
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
    },
    [],
  );
  const among: DragAmong = {
    shelves: plan.shelves,
    blocked: plan.blocked,
    thicknessMm: job.shelves.thickness.mm,
    mostMm: pole.height,
    tape: job.tape,
  };
  // Once the next plan is there, what was pulled has arrived.
  const live = draft?.plan === plan ? draft : null;
  const dragged = live ? dragTo(among, live.shelf, live.wishedMm) : null;
  const topOf = (shelf: Shelf) => (live?.shelf === shelf.number && dragged ? dragged.topMm : shelf.top.mm);

  const arrive = (shelf: Shelf, wishedMm: number) => {
    const { topMm } = dragTo(among, shelf.number, wishedMm);
    if (Math.abs(topMm - shelf.top.mm) < 1e-6) setDraft(null);
    else onMove(shelf.number, topMm);
  };
  const bind = useDrag(
    ({ args, movement: [, down], first, last, tap, memo }) => {
      const shelf = (args as [Shelf])[0];
      const from = (memo as number | undefined) ?? topOf(shelf);
      if (tap) {
        onSelect(shelf.number);
        return from;
      }
      if (!movable(shelf)) return from;
      const wishedMm = from - down / sheet.scale;
      if (first) stopTimer();
      setDraft({ plan, shelf: shelf.number, wishedMm });
      if (last) arrive(shelf, wishedMm);
      return from;
    },
    { filterTaps: true, pointer: { keys: false } },
  );

  const step = (shelf: Shelf, byMm: number) => {
    // Over what is kept clear a step takes it to the other side.
    const wishedMm = acrossFrom(among, shelf, topOf(shelf), byMm);
    setDraft({ plan, shelf: shelf.number, wishedMm });
    stopTimer();
    timer.current = setTimeout(() => arrive(shelf, wishedMm), SETTLE_MS);
  };
  const end = (then: () => void) => {
    stopTimer();
    then();
  };
  const press = (event: KeyboardEvent, shelf: Shelf) => {
    const { number } = shelf;
    const { key } = event;
    const mark = TAPE_STEP_MM[job.tape] * (event.shiftKey || key.startsWith('Page') ? FAR : 1);
    const way = { ArrowUp: 1, PageUp: 1, ArrowDown: -1, PageDown: -1 }[key];
    if (way !== undefined && movable(shelf)) step(shelf, way * mark);
    else if (key === 'Enter' && live) end(() => arrive(shelf, live.wishedMm));
    else if (key === 'Enter' || key === ' ') onSelect(number);
    else if (key === 'Escape' && live) end(() => setDraft(null));
    else if (key.toLowerCase() === 'l' && movable(shelf)) onLock(number);
    else if (key === 'Delete' || key === 'Backspace') onRemove(number);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return { live, dragged, among, topOf, bind, press };
}

interface HandleProps {
  readonly shelf: Shelf;
  readonly job: Job;
  readonly topMm: number;
  readonly gaps: Dragged;
  readonly mostMm: number;
  readonly lit: boolean;
  /** Position on the sheet, pixels. */
  readonly left: number;
  readonly top: number;
  readonly gripWidth: number;
  readonly drag: object;
  readonly onKeyDown: (event: KeyboardEvent) => void;
  readonly onFocus: () => void;
}

/** The handle of one shelf: a slider that says how high it lies and what it leaves above and below. */
function Handle(props: HandleProps) {
  const { shelf, job, topMm, gaps, mostMm, lit, left, top, gripWidth, drag, onKeyDown, onFocus } = props;
  const styles = useStyles();
  const { colours } = useTheme();
  const label = useLabel();
  const value = {
    up: lengthWords(topMm, job),
    below: lengthWords(gaps.belowMm, job),
    above: lengthWords(gaps.aboveMm, job),
  };
  return (
    <div
      {...drag}
      role="slider"
      tabIndex={0}
      aria-orientation="vertical"
      aria-label={label('pole.handle', { shelf: shelf.number })}
      aria-valuenow={Math.round(topMm * 10) / 10}
      aria-valuemin={0}
      aria-valuemax={Math.round(mostMm)}
      aria-valuetext={label('pole.value', value)}
      aria-disabled={movable(shelf) ? undefined : true}
      onKeyDown={onKeyDown}
      onFocus={onFocus}
      style={{
        position: 'absolute',
        left,
        top,
        width: HANDLE_WIDE,
        height: HANDLE_HIGH,
        touchAction: 'none',
        cursor: movable(shelf) ? 'ns-resize' : 'default',
        zIndex: lit ? 2 : 1,
        borderRadius: RADIUS.usual,
        outlineColor: colours.chalk,
      }}
    >
      <View style={[styles.grip, lit && styles.lit, shelf.held !== null && styles.held, { width: gripWidth }]} />
    </div>
  );
}

/** A step from where a shelf lies; one that ends in something kept clear goes on to its far side. */
function acrossFrom(among: DragAmong, shelf: Shelf, fromMm: number, byMm: number): number {
  const to = fromMm + byMm;
  const { refusedBy } = dragTo(among, shelf.number, to);
  if (!refusedBy) return to;
  return byMm > 0 ? refusedBy.toMm : refusedBy.fromMm;
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    over: { position: 'absolute', top: 0, left: 0, right: 0, bottom: 0 },
    grip: {
      position: 'absolute',
      left: REACH - OVER,
      top: HANDLE_HIGH / 2 - 7,
      height: 14,
      borderRadius: 7,
      backgroundColor: colours.panel,
      borderWidth: 2,
      borderColor: colours.pencil,
    },
    lit: { borderColor: colours.chalk, backgroundColor: colours.chalk },
    // A shelf that stays has a square grip.
    held: { borderRadius: 0, backgroundColor: colours.pencil },
    refused: {
      position: 'absolute',
      backgroundColor: colours.stopWash,
      borderWidth: 2,
      borderColor: colours.stop,
      paddingHorizontal: 8,
      borderRadius: RADIUS.usual,
    },
    refusedText: { fontFamily: FONT.semibold, color: colours.stop },
  }),
);
