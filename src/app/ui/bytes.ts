/** A size of what is stored, in words: never less than it is. */
export const byteText = (bytes: number): string =>
  bytes < 1_000_000
    ? `${Math.ceil(bytes / 1000)} kB`
    : bytes < 1e9
      ? `${Math.round(bytes / 1e6)} MB`
      : `${Math.round(bytes / 1e9)} GB`;
