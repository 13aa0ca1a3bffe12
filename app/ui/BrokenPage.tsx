import type { ReactNode } from 'react';
import { reasonOf } from '../platform/reasonOf';
import { MessagePage } from './MessagePage';
import { Txt } from './Txt';

interface BrokenPageProps {
  readonly title: string;
  readonly words: string;
  readonly error: unknown;
  /** Buttons that lead on. */
  readonly children: ReactNode;
}

/** Takes the place of something that failed: says what to do, offers the buttons for it, and gives the reason. */
export function BrokenPage({ title, words, error, children }: BrokenPageProps) {
  return (
    <MessagePage title={title} words={words}>
      {children}
      <Txt kind="small" tone="faint">
        {reasonOf(error)}
      </Txt>
    </MessagePage>
  );
}
