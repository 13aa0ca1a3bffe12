import { useEffect, useRef } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { drafts } from '../platform/drafts';
import { useDraftKey } from './DraftScope';

/** A form of a sheet whose values are there again when the page was gone without warning. */
export function useKeptForm<Fields extends FieldValues, Context, Answer>(
  made: UseFormReturn<Fields, Context, Answer>,
): UseFormReturn<Fields, Context, Answer> {
  const { watch, reset, getValues } = made;
  const key = useDraftKey('form');
  const form = useRef({ reset, getValues });
  useEffect(() => {
    const kept = drafts.get(key);
    if (kept === null) return;
    // The usual values stay the usual ones, so that what was kept counts as changed.
    const { reset: fill, getValues: usual } = form.current;
    fill({ ...usual(), ...parsed(kept) }, { keepDefaultValues: true });
  }, [key]);
  useEffect(() => {
    const listening = watch((values) => drafts.set(key, JSON.stringify(values)));
    return () => listening.unsubscribe();
  }, [key, watch]);
  return made;
}

function parsed(kept: string): object {
  try {
    return JSON.parse(kept) as object;
  } catch {
    return {};
  }
}
