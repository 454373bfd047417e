/** Solves every pattern of the library and writes the table that ships. Rows whose content is unchanged are kept. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { contentKey, solveWeave } from '../src/core/patterns/solve.ts';
import { PATTERN_SOURCES } from '../src/core/patterns/sources.ts';
import type { SolvedWeave } from '../src/core/patterns/types.ts';
import { DEFAULTS } from '../src/core/tighten/run.ts';
import { parse } from '../src/core/weave/parse.ts';

const file = new URL('../src/core/patterns/library.gen.json', import.meta.url);
const before = new Map<string, SolvedWeave>(
  (existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as SolvedWeave[]) : []).map((row) => [
    row.id,
    row,
  ]),
);
const rows: SolvedWeave[] = [];
for (const pattern of PATTERN_SOURCES) {
  const options = { ...DEFAULTS, squash: pattern.squash, load: pattern.load };
  const key = contentKey(pattern.notation, options);
  const kept = before.get(pattern.id);
  if (kept?.key === key) {
    rows.push(kept);
    continue;
  }
  const spec = parse(pattern.notation);
  if (!spec.ok) throw new Error(`${pattern.id}: ${spec.issues[0]!.path}: ${spec.issues[0]!.message}`);
  const started = performance.now();
  const solved = solveWeave(pattern.id, spec.value, key, options);
  if (!solved.ok) throw new Error(`${pattern.id}: ${solved.issues[0]!.message}`);
  rows.push(solved.value);
  console.log(
    `${pattern.id}: period ${solved.value.periodD} d, ${Math.round(performance.now() - started)} ms`,
  );
}
writeFileSync(file, `[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`);
console.log(`${rows.length} patterns in the table`);
