/** Tells other tabs what happened. Without BroadcastChannel every tab is alone, and revisions still keep them apart. */
export interface Channel<T> {
  readonly post: (message: T) => void;
  onMessage: (message: T) => void;
  readonly close: () => void;
}

export function openChannel<T>(name: string): Channel<T> {
  const inner = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(name);
  const channel: Channel<T> = {
    post: (message) => inner?.postMessage(message),
    onMessage: () => undefined,
    close: () => inner?.close(),
  };
  if (inner) inner.onmessage = ({ data }: MessageEvent<T>) => channel.onMessage(data);
  return channel;
}
