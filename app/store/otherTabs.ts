import type { JobRecord } from './record';

/** The other tabs of this browser: what one changes, all show. */
export interface OtherTabs {
  tell(record: JobRecord): void;
  hear(listener: (record: JobRecord) => void): void;
  close(): void;
}

export function otherTabs(): OtherTabs {
  if (typeof BroadcastChannel === 'undefined') {
    return { tell: () => undefined, hear: () => undefined, close: () => undefined };
  }
  const channel = new BroadcastChannel('dormer-jobs');
  return {
    tell: (record) => channel.postMessage(record),
    hear: (listener) => {
      channel.onmessage = ({ data }: MessageEvent<JobRecord>) => listener(data);
    },
    close: () => channel.close(),
  };
}
