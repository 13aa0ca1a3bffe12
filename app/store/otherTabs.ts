/**
 * What one tab put on the device. The news says only what it is about: by the time it is heard, the device may hold
 * something newer.
 */
export type News = { readonly kind: 'record'; readonly id: string } | { readonly kind: 'rack' };

/** The other tabs of this browser: what one changes, all show. */
export interface OtherTabs {
  tell(news: News): void;
  hear(listener: (news: News) => void): void;
  close(): void;
}

export function otherTabs(): OtherTabs {
  if (typeof BroadcastChannel === 'undefined') {
    return { tell: () => undefined, hear: () => undefined, close: () => undefined };
  }
  const channel = new BroadcastChannel('dormer-tabs');
  return {
    tell: (news) => channel.postMessage(news),
    hear: (listener) => {
      channel.onmessage = ({ data }: MessageEvent<News>) => listener(data);
    },
    close: () => channel.close(),
  };
}
