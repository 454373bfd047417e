import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

const IMPORTS = /(?:from|import)\s*"\.\/([^"]+\.js)"/g;

/**
 * Scripts that a browser fetches before a screen is there, of a built application: those that the page names, the screen's
 * own, and all that these import. Sizes in bytes, gzipped one by one as the server sends them.
 */
export function firstScripts(dist: string, screen: string): ReadonlyMap<string, number> {
  const assets = join(dist, 'assets');
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const files = readdirSync(assets).filter((f) => f.endsWith('.js'));
  const waiting = files.filter((f) => html.includes(f) || f.startsWith(`${screen}-`));
  const sizes = new Map<string, number>();
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    if (sizes.has(next)) continue;
    const code = readFileSync(join(assets, next));
    sizes.set(next, gzipSync(code).length);
    for (const [, file] of code.toString('utf8').matchAll(IMPORTS)) waiting.push(file!);
  }
  return sizes;
}
