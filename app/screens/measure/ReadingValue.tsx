import { useRef, useState } from 'react';
import { CORNER_DEGREES, type Job, type Reading } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/base/quantity';
import { isAngle, nameOf, senseOf, type Spot } from '@dormer/core/place/reading';
import { words } from '@dormer/core/say/words/first';
import { AngleField, LengthField, Segmented } from '../../ui';
import { focusField } from '../../platform/focusNext';
import { useLabel, type PlainLabel } from '../../labels';

/** What stands in the card as the person's answer. */
export interface Said {
  readonly value: Reading['value'];
  /** The second distance of a tape triangle. */
  readonly other?: TypedLength | undefined;
}

interface ReadingValueProps {
  readonly job: Job;
  readonly spot: Spot;
  readonly value: Said | null;
  readonly sense: string | null;
  readonly onSense: (sense: string) => void;
  /** What stands there but was not entered: null where it cannot be read, undefined when nothing does. */
  readonly onDraft: (said: Said | null | undefined) => void;
  readonly onCommit: (said: Said) => void;
  readonly onEnter: (said: Said) => void;
  readonly keepDraft: boolean;
}

/** The figure of a reading: a length, an angle, or the two distances of a triangle; and which way it goes. */
export function ReadingValue(props: ReadingValueProps) {
  if (isAngle(props.spot)) return <AngleValue {...props} />;
  return props.spot.kind === 'triangle' ? <TriangleValue {...props} /> : <LengthValue {...props} />;
}

const sharedOf = ({ job, keepDraft }: ReadingValueProps) =>
  ({ units: job.units, tape: job.tape, large: true, keepDraft }) as const;

const lengthIn = (said: Said | null): TypedLength | null => (said && 'mm' in said.value ? said.value : null);

function AngleValue({ job, spot, value, onDraft, onCommit, onEnter }: ReadingValueProps) {
  return (
    <AngleField
      label={`${words(nameOf(spot), job)} (°)`}
      value={value && 'degrees' in value.value ? value.value : null}
      reader={job}
      leastDegrees={CORNER_DEGREES.least}
      mostDegrees={CORNER_DEGREES.most}
      testID="reading-value"
      onDraft={(angle) => onDraft(angle ? { value: angle } : angle)}
      onCommit={(angle) => onCommit({ value: angle })}
      onNext={(angle) => onEnter({ value: angle })}
    />
  );
}

/** The two distances of a tape triangle. */
function TriangleValue(props: ReadingValueProps) {
  const { value, onDraft, onCommit, onEnter } = props;
  const label = useLabel();
  const [first, setFirst] = useState<TypedLength | null>(null);
  // Both distances as typed so far, entered or not.
  const standing = useRef<{ value?: TypedLength | null | undefined; other?: TypedLength | null | undefined }>({});
  const drafted = (change: typeof standing.current) => {
    standing.current = { ...standing.current, ...change };
    const { value: nearer, other } = standing.current;
    if (nearer === undefined && other === undefined) onDraft(undefined);
    else onDraft(nearer && other ? { value: nearer, other } : null);
  };
  const held = first ?? lengthIn(value);
  const field = { ...sharedOf(props), sign: 'positive', leastMm: 1 } as const;
  return (
    <>
      <LengthField
        {...field}
        autoFocus
        label={label('measure.firstMark')}
        value={held}
        testID="reading-value"
        onDraft={(length) => {
          if (length !== undefined) drafted({ value: length });
        }}
        onCommit={(length) => {
          setFirst(length);
          if (!value) drafted({ value: length });
          if (value?.other) onCommit({ value: length, other: value.other });
        }}
        onNext={() => focusField('reading-other')}
      />
      <LengthField
        {...field}
        label={label('measure.secondMark')}
        value={value?.other ?? null}
        testID="reading-other"
        onDraft={(other) => {
          if (other !== undefined) drafted({ other });
        }}
        onCommit={(other) => {
          if (!value) drafted({ other });
          if (held && value) onCommit({ value: held, other });
        }}
        onNext={(other) => {
          if (held) onEnter({ value: held, other });
        }}
      />
    </>
  );
}

function LengthValue(props: ReadingValueProps) {
  const { job, spot, value, sense, onSense, onDraft, onCommit, onEnter } = props;
  const label = useLabel();
  const ways = senseOf(spot);
  // A hollow shows in the middle of a straightedge, but behind a line.
  const asked = spot.kind === 'offset' ? spot.kind : ways?.name;
  // A gap may be nothing; a distance may not.
  const size = ways ? { sign: 'notNegative' as const } : { sign: 'positive' as const, leastMm: 1 };
  return (
    <>
      <LengthField
        {...sharedOf(props)}
        {...size}
        autoFocus
        label={words(nameOf(spot), job)}
        value={lengthIn(value)}
        testID="reading-value"
        onDraft={(length) => onDraft(length ? { value: length } : length)}
        onCommit={(length) => onCommit({ value: length })}
        onNext={(length) => onEnter({ value: length })}
      />
      {ways ? (
        <Segmented
          titled
          label={label(`sense.${asked}` as PlainLabel)}
          value={sense ?? ways.options[0]}
          options={ways.options.map((option) => ({
            value: option,
            title: label(`sense.${asked}.${option}` as PlainLabel),
          }))}
          onChange={onSense}
        />
      ) : null}
    </>
  );
}
