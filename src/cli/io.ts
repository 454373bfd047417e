import { readFileSync, statSync } from 'node:fs';
import type { Issue } from '../core/result.ts';

export const BAD_INPUT = 2;

/** Largest file that is read at all. */
const MAX_BYTES = 5_000_000;

export function print(value: unknown): number {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
  return 0;
}

/** One issue a line: path, then message. */
export function printIssues(issues: readonly Issue[]): number {
  for (const issue of issues) process.stderr.write(`${issue.path || '/'}: ${issue.message}\n`);
  return BAD_INPUT;
}

export function readText(file: string | undefined, usage: string): string | number {
  if (!file) {
    process.stderr.write(`Usage: warp ${usage}\n`);
    return BAD_INPUT;
  }
  try {
    if (statSync(file).size > MAX_BYTES) {
      process.stderr.write(`${file}: the file is larger than ${MAX_BYTES / 1e6} MB.\n`);
      return BAD_INPUT;
    }
    return readFileSync(file, 'utf8').replace(/^\ufeff/, '');
  } catch (error) {
    process.stderr.write(`${file}: cannot be read (${(error as NodeJS.ErrnoException).code}).\n`);
    return BAD_INPUT;
  }
}
