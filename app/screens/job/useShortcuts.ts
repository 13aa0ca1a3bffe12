import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { EXAGGERATIONS } from '@dormer/core/scene';
import { JOB_UNITS, usualTape } from '@dormer/core/quantity';
import { editJob, redo, settings, undo, useAppDispatch, useAppSelector } from '../../store';
import { STAGES } from './stages';

/** Keys for what hands do often, while no text is being typed. */
export function useShortcuts(id: string, showAll: () => void): void {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (document.querySelector('dialog[open]')) return;
      const letter = event.key.toLowerCase();
      const typing = isTyping(event.target);
      if ((event.ctrlKey || event.metaKey) && !event.altKey) {
        if (typing || (letter !== 'z' && letter !== 'y')) return;
        event.preventDefault();
        dispatch(letter === 'y' || event.shiftKey ? redo() : undo());
        return;
      }
      if (event.altKey || isField(event.target)) return;
      const stage = STAGES[Number(event.key) - 1];
      if (stage) router.replace({ pathname: `/job/[id]/${stage}`, params: { id } });
      else if (event.key === '?') showAll();
      else if (letter === 'u') dispatch(editJob((job) => withUnits(job, after(JOB_UNITS, job.units))));
      else if (letter === 'x') dispatch(settings.set({ exaggeration: after(EXAGGERATIONS, exaggeration) }));
      else return;
      event.preventDefault();
    };
    // In the capture phase: fields keep their keys to themselves.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [dispatch, router, id, exaggeration, showAll]);
}

/** The job in another unit, with the tape that goes with it. What was typed stays as typed. */
export function withUnits<J extends { units: (typeof JOB_UNITS)[number] }>(job: J, units: J['units']): J {
  return { ...job, units, tape: usualTape(units) };
}

function after<T>(all: readonly T[], one: T): T {
  return all[(all.indexOf(one) + 1) % all.length] as T;
}

function isField(target: EventTarget | null): boolean {
  return target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
}

/** In an empty field there is nothing of its own to undo. */
function isTyping(target: EventTarget | null): boolean {
  return isField(target) && (target as HTMLInputElement).value !== '';
}
