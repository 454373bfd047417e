/**
 * Cord per length and row height of a weave by its row squash, tied by the rope engine: what the priors in the patterns are
 * chosen from, together with scripts/practice.ts.   node --import tsx scripts/fit-squash.ts solomon-bar fishtail ladder-4
 */
import { solveWeave } from '../src/core/patterns/solve.ts';
import { PATTERN_SOURCES } from '../src/core/patterns/sources.ts';
import { DEFAULTS } from '../src/core/tighten/run.ts';

const SQUASHES = [0.6, 0.65, 0.7, 0.75, 0.8, 0.85, 0.9, 1];

for (const id of process.argv.slice(2)) {
  const pattern = PATTERN_SOURCES.find((p) => p.id === id);
  if (!pattern) throw new Error(`There is no pattern “${id}”.`);
  for (const squash of SQUASHES) {
    const options = { ...DEFAULTS, squash, load: pattern.load, patience: pattern.patience ?? 1 };
    const solved = solveWeave(id, pattern.draw(), options);
    if (!solved.ok) {
      console.log(id, squash, solved.issues[0]!.message);
      continue;
    }
    const { strands, periodD, rowsPerPeriod } = solved.value;
    const work = strands.filter((s) => s.role !== 'core').reduce((sum, s) => sum + s.lengthD, 0) / periodD;
    const isPrior = squash === pattern.squash ? '  ← prior' : '';
    console.log(
      `${id.padEnd(16)} squash ${squash}: ${work.toFixed(2)} × its length, row ${(periodD / rowsPerPeriod).toFixed(3)} d${isPrior}`,
    );
  }
}
