/** Tells other tabs what happened. Without BroadcastChannel every tab is alone, and revisions still keep them apart. */
interface Channel<T> {
  readonly post: (message: T) => void;
  onMessage: (message: T) => void;
  readonly close: () => void;
}

export function openChannel<T>(name: string): Channel<T> {
  const inner = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(name);
  let isClosed = false;
  const channel: Channel<T> = {
    post: (message) => {
      if (!isClosed) return inner?.postMessage(message);
      // A save that ends after its document was closed is still told to other tabs.
      const late = new BroadcastChannel(name);
      late.postMessage(message);
      late.close();
    },
    onMessage: () => undefined,
    close: () => {
      isClosed = inner !== undefined;
      inner?.close();
    },
  };
  if (inner) inner.onmessage = ({ data }: MessageEvent<T>) => channel.onMessage(data);
  return channel;
}
