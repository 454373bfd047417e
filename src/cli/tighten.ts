import { existsSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { findPattern, PATTERNS, solvedFacts } from '../core/patterns/index.ts';
import { solveWeave, straightWeave } from '../core/patterns/solve.ts';
import type { SolvedWeave } from '../core/patterns/types.ts';
import { DEFAULTS } from '../core/tighten/run.ts';
import { parse } from '../core/weave/parse.ts';
import type { WeaveSpec } from '../core/weave/types.ts';
import { BAD_INPUT, print, printIssues, readText } from './io.ts';

const USAGE = 'tighten (PATTERN_ID | FILE) [--h 0.2] [--seed 1] [--squash 1] [--load F]';

const RANGES = { h: [0.08, 0.6], seed: [0, 2 ** 31], squash: [0.3, 1], load: [0, 50] } as const;

interface Source {
  readonly spec: WeaveSpec;
  readonly squash: number;
  readonly load: number;
  readonly patience: number;
  readonly swings: boolean;
  readonly isStraight?: boolean | undefined;
}

/** Pulls a pattern or a notation file tight and prints what came out. */
export function tightenCommand(args: string[]): number {
  let parsed: ReturnType<typeof readArgs>;
  try {
    parsed = readArgs(args);
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\nUsage: warp ${USAGE}\n`);
    return BAD_INPUT;
  }
  const source = readSource(parsed.positionals[0]);
  if (typeof source === 'number') return source;
  const numbers = { h: DEFAULTS.h, seed: DEFAULTS.seed, squash: source.squash, load: source.load };
  for (const [key, [least, most]] of Object.entries(RANGES)) {
    const text = parsed.values[key as keyof typeof RANGES];
    if (text === undefined) continue;
    const value = Number(text);
    if (!(value >= least && value <= most)) {
      process.stderr.write(`--${key}: “${text}” is not a number from ${least} to ${most}.\n`);
      return BAD_INPUT;
    }
    numbers[key as keyof typeof numbers] = value;
  }
  const options = { ...DEFAULTS, ...numbers, patience: source.patience, swings: source.swings };
  if (source.isStraight) return print(tightJson(straightWeave(source.spec, options)));
  const solved = solveWeave(source.spec.id, source.spec, options, undefined, true);
  return solved.ok ? print(tightJson(solved.value)) : printIssues(solved.issues);
}

const readArgs = (args: string[]) =>
  parseArgs({
    args,
    allowPositionals: true,
    options: {
      h: { type: 'string' },
      seed: { type: 'string' },
      squash: { type: 'string' },
      load: { type: 'string' },
    },
  });

function readSource(name: string | undefined): Source | number {
  const pattern = name ? findPattern(name) : undefined;
  if (pattern)
    return {
      spec: pattern.draw(),
      squash: pattern.squash,
      load: pattern.load,
      isStraight: pattern.isStraight,
      patience: pattern.patience ?? 1,
      swings: pattern.swings ?? false,
    };
  if (name && !existsSync(name)) {
    process.stderr.write(`“${name}” is neither a pattern (see warp patterns) nor a file.\n`);
    return BAD_INPUT;
  }
  const text = readText(name, USAGE);
  if (typeof text === 'number') return text;
  const spec = parse(text);
  return spec.ok
    ? { spec: spec.value, squash: DEFAULTS.squash, load: DEFAULTS.load, patience: 1, swings: false }
    : printIssues(spec.issues);
}

function tightJson(solved: SolvedWeave) {
  return {
    id: solved.id,
    kind: solved.kind,
    h: solved.h,
    squash: solved.squash,
    load: solved.load,
    periodD: solved.periodD,
    rowsPerPeriod: solved.rowsPerPeriod,
    ...(solved.turn === undefined
      ? {}
      : { turnDegreesPerPeriod: Number(((solved.turn * 180) / Math.PI).toFixed(2)) }),
    widthD: solved.widthD,
    thicknessD: solved.thicknessD,
    strands: solved.strands.map((strand) => ({
      name: strand.name,
      role: strand.role,
      periods: strand.periods,
      lengthD: strand.lengthD,
      usagePerLength:
        solved.periodD > 0 ? Number((strand.lengthD / (solved.periodD * strand.periods)).toFixed(4)) : null,
      ...(strand.spanD === undefined ? {} : { spanD: strand.spanD }),
    })),
    ...(solved.ropelength === undefined ? {} : { ropelength: solved.ropelength }),
    convergence: solved.convergence,
    topology: { invariant: solved.invariant, unchanged: true },
  };
}

/** Lists the library. */
export function patternsCommand(): number {
  return print(
    PATTERNS.map((p) => {
      const facts = solvedFacts(p.id)!;
      return {
        id: p.id,
        name: p.name,
        family: p.family,
        kind: facts.kind,
        difficulty: p.difficulty,
        widthD: facts.widthD,
        thicknessD: facts.thicknessD,
        rowHeightD: facts.kind === 'weave' ? Number((facts.periodD / facts.rowsPerPeriod).toFixed(4)) : null,
      };
    }),
  );
}
