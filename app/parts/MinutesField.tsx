import { LIMITS } from '@dormer/core/job/document';
import { useLabel } from '../labels';
import { CountField } from './CountField';

interface MinutesFieldProps {
  readonly label: string;
  /** Null where there is none, and none is asked for. */
  readonly value: number | null;
  readonly mayBeNone?: boolean;
  readonly placeholder?: string;
  /** @returns why it is not taken, or nothing */
  readonly onCommit: (minutes: number | null) => string | void;
}

/** Minutes, as a whole number. */
export function MinutesField(props: MinutesFieldProps) {
  const label = useLabel();
  return <CountField {...props} most={LIMITS.minutes} bad={label('ways.badMinutes')} />;
}
