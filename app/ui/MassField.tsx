import { useState } from 'react';
import type { Message } from '@dormer/core/base/message';
import { parseMass, typedMass, type JobUnit, type TypedMass } from '@dormer/core/base/quantity';
import { words, type Reader } from '@dormer/core/say/words/first';
import { TextField } from './TextField';

interface MassFieldProps {
  readonly label: string;
  readonly value: TypedMass | null;
  readonly units: JobUnit;
  readonly reader: Reader;
  readonly placeholder?: string;
  readonly onCommit: (value: TypedMass) => void;
  /** What it is once nothing stands in it any more; left away, nothing is no mass. */
  readonly onClear?: () => void;
}

/** A mass as a person types it. What cannot be read stays as typed, with the reason below it. */
export function MassField({ label, value, units, reader, placeholder, onCommit, onClear }: MassFieldProps) {
  const [fault, setFault] = useState<Message | null>(null);
  const unit = units === 'in' ? 'lb' : 'kg';
  return (
    <TextField
      label={label}
      value={value?.typed ?? ''}
      {...(placeholder ? { placeholder } : {})}
      fault={fault ? words(fault, reader) : null}
      autoComplete="off"
      onCommit={(typed) => {
        if (typed.trim() === '' && onClear) {
          setFault(null);
          onClear();
          return true;
        }
        const read = parseMass(typed, unit);
        setFault(read.ok ? null : read.error);
        if (read.ok) onCommit(typedMass(read.value, typed, unit));
        return read.ok;
      }}
    />
  );
}
