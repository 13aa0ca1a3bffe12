import { useCallback, useEffect, useId, useMemo, useRef, useState, type RefObject } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import type { Message } from '@dormer/core/base/message';
import {
  formatLength,
  parseLength,
  styleFor,
  type JobUnit,
  type ParseLengthOptions,
  type Tape,
  type TypedLength,
} from '@dormer/core/base/quantity';
import { words } from '@dormer/core/say/words/first';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET } from '../theme';
import { drafts } from '../platform/drafts';
import { focusNextLength, LENGTH_FIELD } from '../platform/focusNext';
import { useKeypad } from './KeypadContext';
import { afterKey, type PadKey } from './keypadKeys';
import { useDraftKey } from './DraftScope';
import { Txt } from './Txt';
import { useKept } from './useDraft';
import { useLatest } from '../platform/useLatest';

export interface LengthFieldProps {
  readonly label: string;
  readonly value: TypedLength | null;
  readonly units: JobUnit;
  readonly tape: Tape;
  readonly sign?: ParseLengthOptions['sign'];
  readonly leastMm?: number;
  readonly mostMm?: number | undefined;
  /** A length that was read and differs from what stood there. */
  readonly onCommit: (value: TypedLength) => void;
  /** Enter or Next, after the commit. Left away, the next length field gets the focus. */
  readonly onNext?: (value: TypedLength) => void;
  /** What stands in the field while it is typed: the length, or null where it is none; undefined when nothing does. */
  readonly onDraft?: (value: TypedLength | null | undefined) => void;
  /** Left without Enter, what was typed stays as a draft. */
  readonly keepDraft?: boolean;
  readonly large?: boolean;
  readonly autoFocus?: boolean;
  readonly testID?: string;
}

/**
 * A length as a person types it, by the keypad or any keyboard. What cannot be read stays as typed, with the
 * reason below it; what can is kept as typed and shown in the job's unit.
 */
export function LengthField(props: LengthFieldProps) {
  const { label, units, tape, large, autoFocus, testID } = props;
  const styles = useStyles();
  const { input, text, fault, focused, ...typing } = useTyping(props);
  return (
    <View style={styles.field}>
      <Txt kind="small" tone="faint">
        {label}
      </Txt>
      <View style={[styles.box, focused && styles.focused, fault ? styles.bad : null]}>
        <TextInput
          ref={input}
          testID={testID ?? LENGTH_FIELD}
          aria-label={label}
          aria-invalid={fault ? true : undefined}
          inputMode="none"
          autoComplete="off"
          autoFocus={autoFocus}
          // The platform selects a moment after the focus: in a blank field that would take the first digit typed.
          selectTextOnFocus={text !== '' && !typing.hasDraft}
          value={text}
          onChangeText={typing.change}
          onFocus={typing.enter}
          onBlur={typing.leave}
          onSubmitEditing={typing.submit}
          blurOnSubmit={false}
          style={[styles.input, large && styles.large]}
        />
        <Txt kind="small" tone="faint" aria-hidden>
          {units}
        </Txt>
      </View>
      {fault ? <Why words={words(fault, { units, tape })} /> : null}
    </View>
  );
}

/** Says why the text cannot be read as a length, and scrolls that sentence above the keypad. */
function Why({ words: why }: { words: string }) {
  const place = useRef<View>(null);
  useEffect(() => {
    (place.current as unknown as Partial<Element> | null)?.scrollIntoView?.({ block: 'nearest' });
  }, [why]);
  return (
    <View ref={place}>
      <Txt kind="small" tone="stop" role="alert">
        {why}
      </Txt>
    </View>
  );
}

/** State of a length field while someone types, by the keypad or any keyboard. */
function useTyping(props: LengthFieldProps) {
  const { label, value, units, tape, sign, leastMm, mostMm, onCommit, onNext, onDraft, keepDraft } = props;
  const id = useId();
  const input = useRef<TextInput>(null);
  const { show, hide, active } = useKeypad();
  const [fault, setFault] = useState<Message | null>(null);
  const fresh = useRef(true);

  const standing = value ? asShown(value, units, tape) : '';
  const read = useCallback(
    (typed: string) => parseLength(typed, { unit: units, sign, leastMm, ...(mostMm === undefined ? {} : { mostMm }) }),
    [units, sign, leastMm, mostMm],
  );
  const { key, draft, setDraft, tell } = useTyped(props, read, input);
  const text = draft ?? standing;
  const settle = (why: Message | null) => {
    setFault(why);
    if (!why) setDraft(null);
  };

  const commit = (): TypedLength | null => {
    if (text === standing && value) {
      settle(null);
      return value;
    }
    const length = read(text);
    settle(length.ok ? null : length.error);
    if (!length.ok) return null;
    onDraft?.(undefined);
    onCommit(length.value);
    return length.value;
  };

  const change = (next: string) => {
    fresh.current = false;
    setDraft(next);
    setFault(null);
    tell(next);
  };

  const submit = () => {
    const length = commit();
    if (!length) return;
    fresh.current = true;
    if (onNext) onNext(length);
    else focusNextLength(input.current);
  };

  // The keypad speaks to the field as it stands now.
  const press = useLatest((key: PadKey) => {
    if (key.kind === 'next') submit();
    else change(afterKey(text, key, fresh.current));
  });
  const otherUnit = inOtherUnit(text, units, read);
  const field = useMemo(
    () => ({ id, label, otherUnit, press, leave: () => input.current?.blur() }),
    [id, label, otherUnit, press],
  );
  const isActive = useRef(false);
  useEffect(() => {
    if (isActive.current) show(field);
  }, [field, show]);
  useEffect(() => () => hide(id), [hide, id]);

  return {
    input,
    text,
    hasDraft: draft !== null,
    fault,
    focused: active?.id === id,
    change,
    submit,
    enter: () => {
      fresh.current = draft === null;
      isActive.current = true;
      drafts.focus(key);
      show(field);
    },
    leave: () => {
      isActive.current = false;
      drafts.focus(null);
      hide(id);
      if (draft === null) return;
      if (draft.trim() === '') return settle(null);
      if (!keepDraft) return void commit();
      const length = read(draft);
      setFault(length.ok ? null : length.error);
    },
  };
}

/** The text of a field before it is a length; the device keeps it as it is typed. */
function useTyped(
  { label, onDraft }: LengthFieldProps,
  read: (typed: string) => ReturnType<typeof parseLength>,
  input: RefObject<TextInput | null>,
) {
  const key = useDraftKey(label);
  const [draft, setOwnDraft] = useState<string | null>(() => drafts.get(key));
  const setDraft = (typed: string | null) => {
    setOwnDraft(typed);
    drafts.set(key, typed);
  };
  const tell = (typed: string) => {
    const length = read(typed);
    onDraft?.(typed.trim() === '' ? undefined : length.ok ? length.value : null);
  };
  useKept({ key, draft, onKept: tell, input });
  return { key, draft, setDraft, tell };
}

/** As typed while the unit is the one it was typed in; otherwise in the unit of now. */
function asShown(value: TypedLength, units: JobUnit, tape: Tape): string {
  return value.unit === units ? value.typed : formatLength(value.mm, styleFor(units, tape));
}

function inOtherUnit(text: string, units: JobUnit, read: (typed: string) => ReturnType<typeof parseLength>): string {
  const length = read(text);
  if (!length.ok) return '';
  const other = units === 'in' ? 'mm' : 'in';
  return `= ${formatLength(length.value.mm, { unit: other, withUnit: true })}`;
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    field: { gap: SPACE.small },
    box: {
      flexDirection: 'row',
      alignItems: 'center',
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.panel,
      paddingRight: SPACE.one,
    },
    focused: { borderColor: colours.chalk, borderWidth: 2, margin: -1 },
    bad: { borderColor: colours.stop, borderWidth: 2, margin: -1 },
    input: {
      flex: 1,
      minWidth: 0,
      minHeight: TARGET - 2,
      paddingHorizontal: SPACE.one,
      color: colours.pencil,
      fontFamily: FONT.semibold,
      fontSize: SIZE.strong,
      fontVariant: ['tabular-nums'],
    },
    large: { fontSize: SIZE.entry, minHeight: 58 },
  }),
);
