import { useMemo, useState } from 'react';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { spotKey, viewOf, type Spot } from '@dormer/core/place/reading';
import { lengthWords } from '@dormer/core/say/words/first';
import { RangeSlider, Segmented } from '../../ui';
import { useLabel } from '../../labels';

/** Where the opening is seen from, and at which height it is cut when seen from above. */
export interface View {
  readonly from: 'front' | 'above';
  readonly upMm: number;
  readonly turn: (from: View['from']) => void;
  readonly cutAt: (upMm: number) => void;
}

/** The view of the drawing: as the spot in hand is best seen, until the person turns it. */
export function useView(plan: Plan | null, spot: Spot | null): View {
  const key = spot ? spotKey(spot) : '';
  // What the person chose holds for the spot they chose it at.
  const [turned, setTurned] = useState<{ key: string; from: View['from'] } | null>(null);
  const [cut, setCut] = useState<{ key: string; upMm: number } | null>(null);
  const height = plan?.opening.extent.height ?? 2400;
  const suits = spot && viewOf(spot) === 'plan' ? 'above' : 'front';
  const from = turned && (turned.key === key || !spot) ? turned.from : suits;
  const own = spot && 'upMm' in spot ? spot.upMm : (usualHeight(plan) ?? height / 2);
  const upMm = Math.min(Math.max(cut && (cut.key === key || !spot) ? cut.upMm : own, 0), height);
  return useMemo(
    () => ({
      from,
      upMm,
      turn: (to) => setTurned({ key, from: to }),
      cutAt: (mm) => setCut({ key, upMm: mm }),
    }),
    [from, upMm, key],
  );
}

/** The height most readings were taken at. */
function usualHeight(plan: Plan | null): number | null {
  const counts = new Map<number, number>();
  for (const { upMm } of plan?.readings ?? []) {
    if (upMm !== null) counts.set(upMm, (counts.get(upMm) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** Front or above. */
export function ViewSwitch({ view, flat }: { view: View; flat: boolean }) {
  const label = useLabel();
  return (
    <Segmented
      label={label('drawing.view')}
      look={flat ? 'bar' : 'column'}
      value={view.from}
      options={(['front', 'above'] as const).map((value) => ({
        value,
        title: label(`drawing.${value}`),
        name: label(`drawing.from.${value}`),
      }))}
      onChange={view.turn}
    />
  );
}

/** The height the section is taken at. */
export function HeightSlider({ view, plan, job }: { view: View; plan: Plan; job: Job }) {
  const label = useLabel();
  return (
    <RangeSlider
      label={label('drawing.height')}
      value={Math.round(view.upMm)}
      least={0}
      most={Math.round(plan.opening.extent.height)}
      step={10}
      shown={label('drawing.up', { up: lengthWords(view.upMm, job) })}
      onChange={view.cutAt}
    />
  );
}
