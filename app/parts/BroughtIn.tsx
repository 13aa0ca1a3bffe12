import { View } from 'react-native';
import type { Message } from '@dormer/core/base/message';
import { words, type Reader } from '@dormer/core/say/words/first';
import { useLabel } from '../labels';
import { NoticeLine } from '../ui/Notices';
import { Txt } from '../ui/Txt';

interface BroughtInViewProps {
  readonly reader: Reader;
  /** Why nothing came in; null where something did, or nothing was tried. */
  readonly fault: Message | null;
  readonly came: {
    readonly count: number;
    readonly refused: readonly { readonly line: number; readonly message: Message }[];
  } | null;
  readonly words: {
    readonly came: (count: number) => string;
    readonly refused: (count: number) => string;
    readonly line: (line: number, why: string) => string;
  };
}

/** What came of a table that was brought in: how much did, and each row that did not with its reason. */
export function BroughtInView({ reader, fault, came, words: say }: BroughtInViewProps) {
  const label = useLabel();
  return (
    <>
      {fault ? <NoticeLine kind="stop" word={label('problem.stop')} words={words(fault, reader)} /> : null}
      {came ? <NoticeLine kind="sure" word={say.came(came.count)} words="" /> : null}
      {came && came.refused.length > 0 ? (
        <View role="list" aria-label={say.refused(came.refused.length)}>
          <Txt kind="strong">{say.refused(came.refused.length)}</Txt>
          {came.refused.map((one) => (
            <View role="listitem" key={one.line}>
              <Txt>{say.line(one.line, words(one.message, reader))}</Txt>
            </View>
          ))}
        </View>
      ) : null}
    </>
  );
}
