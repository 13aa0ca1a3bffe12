import { useState } from 'react';
import { LIMITS } from '@dormer/core/job/document';
import { TextField } from '../ui';
import { useLabel } from '../labels';

interface MinutesFieldProps {
  readonly label: string;
  /** Null where there is none, and none is asked for. */
  readonly value: number | null;
  readonly mayBeNone?: boolean;
  readonly placeholder?: string;
  /** @returns why it is not taken, or nothing */
  readonly onCommit: (minutes: number | null) => string | void;
}

/** Minutes, as a whole number. What is none stays as typed, with what would be. */
export function MinutesField({ label: name, value, mayBeNone = false, placeholder, onCommit }: MinutesFieldProps) {
  const label = useLabel();
  const [fault, setFault] = useState<string | null>(null);
  return (
    <TextField
      label={name}
      value={value === null ? '' : String(value)}
      inputMode="numeric"
      fault={fault}
      {...(placeholder === undefined ? {} : { placeholder })}
      onCommit={(typed) => {
        const bare = typed.trim();
        const none = bare === '' && mayBeNone;
        const good = none || (/^\d{1,6}$/.test(bare) && Number(bare) <= LIMITS.minutes);
        const refused = good ? (onCommit(none ? null : Number(bare)) ?? null) : label('ways.badMinutes');
        setFault(refused);
        return refused === null;
      }}
    />
  );
}
