import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { keysIn } from './keys.ts';
import { parsed, rewrite } from './rewrite.ts';

/** Whether a source file is part of what people read in the application; those of the server and the command line stay English. */
export const isRead = (path: string): boolean =>
  /\/src\/(?:app|core|storage|workers)\/.*\.tsx?$/.test(path) &&
  !/\.(?:test|gen)\.tsx?$|\.d\.ts$|\/testing\//.test(path);

/** The sources of what people read by their paths from the root, in order. */
export function readSources(root: string): ReadonlyMap<string, string> {
  const files = readdirSync(join(root, 'src'), { recursive: true, encoding: 'utf8' }).sort();
  return new Map(
    files
      .map((file) => join('src', file))
      .filter((file) => isRead(join(root, file)))
      .map((file) => [file, readFileSync(join(root, file), 'utf8')]),
  );
}

/** All strings by which the application decides; see keys.ts. */
export const keysOf = (sources: ReadonlyMap<string, string>): ReadonlySet<string> =>
  new Set([...sources].flatMap(([file, source]) => [...keysIn(parsed(file, source))]));

/** Every text of the application once, in the order of its files and lines, with the first place where it stands. */
export function allTexts(sources: ReadonlyMap<string, string>): ReadonlyMap<string, string> {
  const keys = keysOf(sources);
  const texts = new Map<string, string>();
  for (const [file, source] of sources)
    for (const { message, line } of rewrite(file, source, () => undefined, keys).found)
      if (!texts.has(message)) texts.set(message, `${file}:${line}`);
  return texts;
}
