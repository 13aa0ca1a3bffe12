import { useState } from 'react';
import { TextField } from '../ui';

interface CountFieldProps {
  readonly label: string;
  /** Null where there is none, and none is asked for. */
  readonly value: number | null;
  readonly most: number;
  /** What is said of anything that is no whole number from 0 to the most. */
  readonly bad: string;
  readonly mayBeNone?: boolean;
  readonly placeholder?: string;
  /** @returns why it is not taken, or nothing */
  readonly onCommit: (count: number | null) => string | void;
}

/** A whole number, typed. What is none stays as typed, with what would be. */
export function CountField({ label, value, most, bad, mayBeNone = false, placeholder, onCommit }: CountFieldProps) {
  const [fault, setFault] = useState<string | null>(null);
  return (
    <TextField
      label={label}
      value={value === null ? '' : String(value)}
      inputMode="numeric"
      fault={fault}
      {...(placeholder === undefined ? {} : { placeholder })}
      onCommit={(typed) => {
        const bare = typed.trim();
        const none = bare === '' && mayBeNone;
        const good = none || (/^\d{1,6}$/.test(bare) && Number(bare) <= most);
        const refused = good ? (onCommit(none ? null : Number(bare)) ?? null) : bad;
        setFault(refused);
        return refused === null;
      }}
    />
  );
}
