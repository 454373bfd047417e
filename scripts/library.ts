/**
 * Solves every pattern of the library and writes the table that ships, and the centre lines, one file each. Rows
 * whose content is unchanged are kept. `--check ID…` solves again and only compares.
 */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { factsOf } from '../src/core/patterns/facts.ts';
import { contentKey, solveWeave, straightWeave } from '../src/core/patterns/solve.ts';
import { PATTERN_SOURCES } from '../src/core/patterns/sources.ts';
import type { SolvedFacts } from '../src/core/patterns/types.ts';
import { ok } from '../src/core/result.ts';
import { DEFAULTS } from '../src/core/tighten/run.ts';
import { format } from '../src/core/weave/format.ts';

const dir = fileURLToPath(new URL('../src/core/patterns/', import.meta.url));
const table = `${dir}library.gen.json`;
mkdirSync(`${dir}solved`, { recursive: true });
const before = new Map<string, SolvedFacts>(
  (existsSync(table) ? (JSON.parse(readFileSync(table, 'utf8')) as SolvedFacts[]) : []).map((row) => [
    row.id,
    row,
  ]),
);
/** Kept results of before sections were worked out have none. */
const hasFlat = (file: string): boolean => readFileSync(file, 'utf8').includes('"flat"');
const rows: SolvedFacts[] = [];
const started = performance.now();
for (const pattern of PATTERN_SOURCES) {
  const options = {
    ...DEFAULTS,
    squash: pattern.squash,
    load: pattern.load,
    patience: pattern.patience ?? 1,
    swings: pattern.swings ?? false,
  };
  const spec = pattern.draw();
  const kept = before.get(pattern.id);
  const file = `${dir}solved/${pattern.id}.gen.json`;
  if (kept?.key === contentKey(format(spec), options) && existsSync(file) && hasFlat(file)) {
    rows.push(kept);
    continue;
  }
  const solved = pattern.isStraight
    ? ok(straightWeave(spec, options))
    : solveWeave(pattern.id, spec, options, undefined, true);
  if (!solved.ok) throw new Error(`${pattern.id}: ${solved.issues[0]!.message}`);
  rows.push(factsOf(solved.value));
  writeFileSync(file, `${JSON.stringify({ points: solved.value.points, flat: solved.value.flat })}\n`);
  console.log(
    `${pattern.id}: ${solved.value.kind === 'weave' ? `period ${solved.value.periodD} d` : `body ${solved.value.bodyD} d`}, restart within ${((solved.value.convergence.restart ?? 0) * 100).toFixed(2)} %`,
  );
}
writeFileSync(table, `[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`);
console.log(`${rows.length} patterns in the table, ${((performance.now() - started) / 1000).toFixed(1)} s`);
