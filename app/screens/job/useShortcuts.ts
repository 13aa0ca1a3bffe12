import { useRouter } from 'expo-router';
import { useCallback } from 'react';
import { EXAGGERATIONS } from '@dormer/core/say/scene/exaggerate';
import { JOB_UNITS, usualTape } from '@dormer/core/base/quantity';
import { useKeys, type OnKey } from '../../platform/useKeys';
import { editJob, redo, settings, undo, useAppDispatch, useAppSelector } from '../../store';
import { STAGES } from './stages';

/** Keys for what hands do often, while no text is being typed. */
export function useShortcuts(id: string, showAll: () => void): void {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const onKey = useCallback<OnKey>(
    (event, { free, empty }) => {
      const letter = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && !event.altKey) {
        // In a field with something in it, undo is the field's own.
        if (!empty || (letter !== 'z' && letter !== 'y')) return false;
        dispatch(letter === 'y' || event.shiftKey ? redo() : undo());
        return true;
      }
      if (event.altKey || !free) return false;
      const stage = STAGES[Number(event.key) - 1];
      if (stage) router.replace({ pathname: `/job/[id]/${stage}`, params: { id } });
      else if (event.key === '?') showAll();
      else if (letter === 'u') dispatch(editJob((job) => withUnits(job, after(JOB_UNITS, job.units))));
      else if (letter === 'x') dispatch(settings.set({ exaggeration: after(EXAGGERATIONS, exaggeration) }));
      else return false;
      return true;
    },
    [dispatch, router, id, exaggeration, showAll],
  );
  useKeys(onKey);
}

/** The job in another unit, with the tape that goes with it. What was typed stays as typed. */
export function withUnits<J extends { units: (typeof JOB_UNITS)[number] }>(job: J, units: J['units']): J {
  return { ...job, units, tape: usualTape(units) };
}

function after<T>(all: readonly T[], one: T): T {
  return all[(all.indexOf(one) + 1) % all.length] as T;
}
