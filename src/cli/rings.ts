import { parseArgs } from 'node:util';
import { effectiveDiameterMm, findCord } from '../core/cord/cords.ts';
import validateRuns from '../core/formats/ring-runs.validate.gen.js';
import { runsJson } from '../core/formats/ringRuns.ts';
import { fail, type Issue, ok, type Result } from '../core/result.ts';
import { checkRuns, guessShape } from '../core/rings/checkList.ts';
import { addedRuns, chains, type Size } from '../core/rings/grow.ts';
import { lettersOf, sequence } from '../core/rings/runList.ts';
import {
  easyPitch,
  leadAngle,
  leastPitch,
  narrowestWidth,
  openShare,
  passLength,
  pitchOf,
  thickness,
  verdictOf,
} from '../core/rings/sizes.ts';
import { parseRuns, type TypedRun } from '../core/rings/typedList.ts';
import { bightName, parseCoding, type RingShape } from '../core/rings/types.ts';
import { checkShape } from '../core/rings/validity.ts';
import { schemaIssues } from '../core/validation.ts';
import { BAD_INPUT, print, printIssues, readText } from './io.ts';

const RING_USAGE =
  'ring LEADS BIGHTS [--coding row2] [--first U] [--passes 2] [--girth 210] [--cord nylon-4] [--width 20] [--one-cord]';

/** The run list of a ring, and its sizes. */
export function ringCommand(args: string[]): number {
  const read = readArgs(args, {
    coding: { type: 'string', default: 'row1' },
    first: { type: 'string', default: 'O' },
    passes: { type: 'string', default: '1' },
    girth: { type: 'string', default: '210' },
    cord: { type: 'string', default: 'nylon-4' },
    width: { type: 'string' },
    'one-cord': { type: 'boolean', default: false },
  });
  if (!read.ok) return printIssues(read.issues);
  const { positionals, values } = read.value;
  if (positionals.length !== 2) return usage(RING_USAGE);
  const coding = parseCoding(String(values.coding));
  const cord = findCord(String(values.cord));
  const first = String(values.first).toUpperCase();
  const [passes, girth, width] = [values.passes, values.girth, values.width].map((v) =>
    v === undefined ? undefined : Number(v),
  );
  const issues: Issue[] = [];
  const wrong = (path: string, message: string) => issues.push({ code: 'cli.option', path, message });
  if (!coding) wrong('--coding', 'Choose row1, row2, row3, col1, col2 or col3.');
  if (first !== 'O' && first !== 'U') wrong('--first', 'Choose O or U.');
  if (!cord) wrong('--cord', `There is no cord called “${values.cord}”.`);
  if (!(passes !== undefined && Number.isInteger(passes) && passes >= 1 && passes <= 5))
    wrong('--passes', 'Choose between 1 and 5 passes.');
  if (!(girth !== undefined && girth >= 10 && girth <= 3000))
    wrong('--girth', 'Choose between 10 and 3000 mm.');
  if (width !== undefined && !(width > 0 && width <= 1000)) wrong('--width', 'Choose a width in mm.');
  if (issues.length > 0 || !coding || !cord || girth === undefined) return printIssues(issues);
  const shape: RingShape = {
    leads: Number(positionals[0]),
    bights: Number(positionals[1]),
    coding,
    first: first as 'O' | 'U',
  };
  const valid = checkShape(shape, { oneCord: values['one-cord'] === true });
  if (!valid.ok) return printIssues(valid.issues);
  const runs = runsJson(shape);
  const d = effectiveDiameterMm(cord);
  const ring = { shape, passes: passes!, girth, d };
  const narrow = narrowestWidth(ring);
  const made = Math.max(narrow, width ?? narrow);
  const mm = (value: number) => Number(value.toFixed(1));
  return print({
    ...runs,
    sizes: {
      girthMm: girth,
      cordMm: mm(d),
      passes,
      pitchMm: mm(pitchOf(ring)),
      leastPitchMm: mm(leastPitch(passes!, d)),
      easyPitchMm: mm(easyPitch(passes!, d)),
      narrowestWidthMm: mm(narrow),
      widthMm: mm(made),
      leadAngleDeg: mm((leadAngle(ring, made) * 180) / Math.PI),
      openShare: Number(openShare(ring, made).toFixed(3)),
      thicknessMm: thickness(ring).map(mm),
      verdict: verdictOf(ring, width ?? narrow),
      onePassMm: mm(passLength(ring, made)),
      ringMm: mm(passes! * passLength(ring, made)),
    },
  });
}

/** Rows of steps from a small ring to a larger one: only what is added. */
export function ringGrowCommand(args: string[]): number {
  const read = readArgs(args, { first: { type: 'string', default: 'O' } });
  if (!read.ok) return printIssues(read.issues);
  const [from, to] = read.value.positionals.map(parseSize);
  const first = String(read.value.values.first).toUpperCase() === 'U' ? 'U' : 'O';
  if (!from || !to) return usage('ring-grow 3x5 9x16 [--first U]');
  const wanted = [1, 2, 3].map((n): Size => ({ ...to, n }));
  const found = wanted.flatMap((size) => chains({ ...from, n: 1 }, size)).sort((a, b) => a.length - b.length);
  if (found.length === 0)
    return printIssues([
      {
        code: 'ring.grow',
        path: '',
        message: `A ${from.leads} × ${from.bights} does not grow into a ${to.leads} × ${to.bights}: raising adds twice a Farey neighbour, interweaving doubles the rows.`,
      },
    ]);
  return print({
    from: `${from.leads}x${from.bights}`,
    to: `${to.leads}x${to.bights}`,
    first,
    chains: found.map((chain) => ({
      steps: chain.map((g) => ({
        kind: g.kind,
        from: `${g.from.leads}x${g.from.bights}`,
        to: `${g.to.leads}x${g.to.bights}`,
        coding: `row${g.to.n}`,
        added: addedRuns(g, first).map((r) => ({
          k: r.k,
          phase: r.phase,
          from: bightName(r.from),
          to: bightName(r.to),
          seq: sequence(lettersOf(r.meets)),
        })),
      })),
    })),
  });
}

/** Checks a run list, as text or as JSON, by geometry alone. */
export function ringCheckCommand(args: string[]): number {
  const text = readText(args[0], 'ring-check FILE');
  if (typeof text === 'number') return text;
  const read = text.trimStart().startsWith('{') ? fromJson(text) : fromText(text);
  if (!read.ok) return printIssues(read.issues);
  const { shape, runs } = read.value;
  const checked = checkRuns(shape, runs);
  if (!checked.ok) return printIssues(checked.issues);
  return print({
    ok: true,
    leads: shape.leads,
    bights: shape.bights,
    coding: `${shape.coding.by}${shape.coding.n}`,
    first: shape.first,
    crossings: checked.value.crossings,
  });
}

interface Listed {
  readonly shape: RingShape;
  readonly runs: readonly TypedRun[];
}

const HEADING =
  /(\d+)\s*(?:leads\s*)?[×x]\s*(\d+)(?:\s*bights)?(?:,\s*((?:row|col)\d))?(?:,\s*first\s*([OU]))?/i;

/** A list with or without a heading such as `# 5 × 16, row1, first O`. */
function fromText(text: string): Result<Listed> {
  const runs = parseRuns(text);
  if (!runs.ok) return runs;
  const heading = text
    .split('\n')
    .filter((line) => line.trimStart().startsWith('#'))
    .map((line) => HEADING.exec(line))
    .find((m) => m !== null);
  const guessed = guessShape(runs.value);
  const coding = heading?.[3] ? parseCoding(heading[3]) : undefined;
  const shape: RingShape | undefined = heading
    ? {
        leads: Number(heading[1]),
        bights: Number(heading[2]),
        coding: coding ?? guessed?.coding ?? { by: 'row', n: 1 },
        first: (heading[4]?.toUpperCase() as 'O' | 'U' | undefined) ?? guessed?.first ?? 'O',
      }
    : guessed;
  if (!shape)
    return fail({
      code: 'ring.list',
      path: '',
      message: 'The list does not say which ring it is: add a line like “# 5 × 16, row1, first O”.',
    });
  const valid = checkShape(shape);
  return valid.ok ? ok({ shape, runs: runs.value }) : valid;
}

function fromJson(text: string): Result<Listed> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return fail({ code: 'file.json', path: '', message: `This is not JSON: ${(error as Error).message}` });
  }
  if (!validateRuns(data)) return { ok: false, issues: schemaIssues(validateRuns.errors ?? []) };
  const { leads, bights, coding, first, runs } = data as ReturnType<typeof runsJson>;
  const read = parseRuns(runs.map((r) => `${r.k} ${r.from}→${r.to} ${r.seq}`).join('\n'));
  if (!read.ok) return read;
  const shape: RingShape = { leads, bights, coding: parseCoding(coding)!, first };
  const valid = checkShape(shape);
  return valid.ok ? ok({ shape, runs: read.value }) : valid;
}

function parseSize(text: string): Pick<Size, 'leads' | 'bights'> | undefined {
  const match = /^(\d+)[x×](\d+)$/i.exec(text);
  return match ? { leads: Number(match[1]), bights: Number(match[2]) } : undefined;
}

type Options = NonNullable<Parameters<typeof parseArgs>[0]>['options'];

function readArgs(
  args: string[],
  options: Options,
): Result<{
  positionals: string[];
  values: Record<string, string | boolean | undefined>;
}> {
  try {
    const { positionals, values } = parseArgs({ args, options: options!, allowPositionals: true });
    return ok({ positionals, values: values as Record<string, string | boolean | undefined> });
  } catch (error) {
    return fail({ code: 'cli.option', path: '', message: (error as Error).message });
  }
}

function usage(text: string): number {
  process.stderr.write(`Usage: warp ${text}\n`);
  return BAD_INPUT;
}
