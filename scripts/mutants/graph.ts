import { dirname, join } from 'node:path';

/** How far a file is from each file that it loads, itself or through others: 1 where it names it. */
export function distances(file: string, sources: ReadonlyMap<string, string>): Map<string, number> {
  const found = new Map([[file, 0]]);
  for (const [at, distance] of found)
    for (const [, path] of (sources.get(at) ?? '').matchAll(/(?:from|import)\s*\(?\s*['"](\.[^'"]+)['"]/g)) {
      const loaded = join(dirname(at), path!);
      if (!found.has(loaded)) found.set(loaded, distance + 1);
    }
  return found;
}
