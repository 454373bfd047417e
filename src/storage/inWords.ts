import type { Issue } from '../core/result.ts';

/** The first few issues of a document that could not be written, in one line. */
export const inWords = (issues: readonly Issue[]): string =>
  issues
    .slice(0, 3)
    .map((i) => `${i.path} ${i.message}`.trim())
    .join(' ');
