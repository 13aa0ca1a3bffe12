import { useState } from 'react';
import { parseAngle } from '@dormer/core/base/quantity';
import type { Message } from '@dormer/core/base/message';
import { words, type Reader } from '@dormer/core/say/words/first';
import { TextField } from './TextField';

export interface TypedAngle {
  readonly degrees: number;
  readonly typed: string;
}

export interface AngleFieldProps {
  readonly label: string;
  readonly value: TypedAngle | null;
  readonly reader: Reader;
  readonly leastDegrees: number;
  readonly mostDegrees: number;
  readonly onCommit: (value: TypedAngle) => void;
  readonly onNext: (value: TypedAngle) => void;
  readonly onDraft?: (value: TypedAngle | null | undefined) => void;
  readonly testID?: string;
}

/** An angle as a person types it: degrees, degrees and minutes, or so much over so much. */
export function AngleField(props: AngleFieldProps) {
  const { label, value, reader, leastDegrees, mostDegrees, onCommit, onNext, onDraft, testID } = props;
  const [fault, setFault] = useState<Message | null>(null);
  const [draft, setDraft] = useState<string | null>(null);
  const parse = (typed: string) => {
    const angle = parseAngle(typed, { leastDegrees, mostDegrees });
    const found: TypedAngle | null = angle.ok ? { degrees: angle.value, typed: typed.trim() } : null;
    return { found, fault: angle.ok || typed.trim() === '' ? null : angle.error };
  };
  const read = (typed: string): TypedAngle | null => {
    const parsed = parse(typed);
    setFault(parsed.fault);
    return parsed.found;
  };
  return (
    <TextField
      label={label}
      value={draft ?? value?.typed ?? ''}
      testID={testID}
      inputMode="decimal"
      autoComplete="off"
      autoFocus
      fault={fault ? words(fault, reader) : null}
      onChangeText={(typed) => {
        setDraft(typed);
        setFault(null);
        onDraft?.(typed.trim() === '' ? undefined : parse(typed).found);
      }}
      onCommit={(typed) => {
        const angle = read(typed);
        if (angle) onCommit(angle);
      }}
      onSubmitEditing={() => {
        const angle = read(draft ?? value?.typed ?? '');
        if (angle) onNext(angle);
      }}
    />
  );
}
