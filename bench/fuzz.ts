/**
 * Thousands of spoilt documents through every reader: none may throw, hang, or let through what its own writer would
 * not write.   node --import tsx bench/fuzz.ts [--mutants 20000] [--seed 1]
 */
import { fuzzAll } from '../scripts/fuzz.ts';

const flag = (name: string, usual: number) => {
  const at = process.argv.indexOf(name);
  return at < 0 ? usual : Number(process.argv[at + 1]);
};
const result = await fuzzAll(flag('--mutants', 20_000), flag('--seed', 1));
console.log(result);
process.exitCode = result.faults.length > 0 ? 1 : 0;
