import { parseArgs } from 'node:util';
import { gallery, laneShares, looks } from '../core/colour/arrangements.ts';
import { barOrder } from '../core/colour/barOrder.ts';
import { lanesOfWeave } from '../core/colour/lanes.ts';
import { type CordColour, cordLetter, findColour, PALETTE } from '../core/colour/palette.ts';
import { parseDesign } from '../core/formats/design.ts';
import { findPattern, loadWeave } from '../core/patterns/index.ts';
import { solveCarried } from '../core/patterns/own.ts';
import { plan } from '../core/plan/plan.ts';
import { strandsOf } from '../core/plan/strands.ts';
import { knowledgeFor } from './carried.ts';
import { BAD_INPUT, print, printIssues, readText } from './io.ts';

const share = (v: number): number => Number(v.toFixed(4));

/** Shares of every cord on every face of a design, and the order on the bar. */
export async function facesCommand(args: string[]): Promise<number> {
  const text = readText(args[0], 'faces FILE.json');
  if (typeof text === 'number') return text;
  const read = parseDesign(text);
  if (!read.ok) return printIssues(read.issues);
  const design = read.value;
  const know = knowledgeFor(design);
  if (!know.ok) return printIssues(know.issues);
  const planned = plan(design, know.value);
  if (!planned.ok) return printIssues(planned.issues);
  const carried = solveCarried(design);
  const solved = (await loadWeave(design.pattern.id)) ?? (carried.ok ? carried.value : undefined);
  if (!solved) return BAD_INPUT;
  const lanes = lanesOfWeave(solved);
  const strands = strandsOf(design, solved);
  const colours = design.cords.map((c) => findColour(c.colour, design.looks)!);
  const cordOf = lanes.map((l) => strands[l.key]!);
  const { shares, balance, contrast } = looks(laneShares(solved, lanes), cordOf, colours);
  return print({
    format: 'warp-beam/faces',
    version: 1,
    design: design.name,
    worn: design.face ?? 'front',
    cords: colours.map((c, i) => ({ letter: cordLetter(i), name: c.name })),
    faces: Object.fromEntries(
      Object.entries(shares).map(([face, list]) => [
        face,
        Object.fromEntries(list.map((v, i) => [cordLetter(i), share(v)])),
      ]),
    ),
    balance: share(balance),
    contrast: share(contrast),
    bar: barOrder(solved).map((p) => ({
      strand: p.key,
      cord: cordLetter(strands[p.key]!),
      role: p.isCore ? 'core' : 'working end',
      over: p.isOver,
    })),
  });
}

const USAGE = 'arrangements PATTERN [--cords 2] [--cores]';

/** Every distinct way to lay k cords on a weave, up to its own symmetry. */
export async function arrangementsCommand(args: string[]): Promise<number> {
  let parsed: { values: { cords?: string; cores?: boolean }; positionals: string[] };
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: { cords: { type: 'string' }, cores: { type: 'boolean' } },
    });
  } catch (error) {
    process.stderr.write(`${(error as Error).message}\nUsage: warp ${USAGE}\n`);
    return BAD_INPUT;
  }
  const id = parsed.positionals[0];
  const solved = id ? await loadWeave(id) : undefined;
  if (!id || solved?.kind !== 'weave') {
    process.stderr.write(
      id ? `${id}: there is no such weave; see warp patterns.\n` : `Usage: warp ${USAGE}\n`,
    );
    return BAD_INPUT;
  }
  const k = Number(parsed.values.cords ?? 2);
  if (!Number.isInteger(k) || k < 1 || k > 6) {
    process.stderr.write(`--cords: “${parsed.values.cords}” is not a whole number from 1 to 6.\n`);
    return BAD_INPUT;
  }
  const colours: CordColour[] = PALETTE.slice(0, k);
  const { items, total, symmetries, lanes } = gallery(solved, colours, parsed.values.cores ?? false);
  return print({
    format: 'warp-beam/arrangements',
    version: 1,
    weave: findPattern(id)?.name ?? id,
    cords: k,
    strands: lanes.filter((l) => !l.isCore || parsed.values.cores).map((l) => l.key),
    symmetries,
    total,
    listed: items.length,
    arrangements: items.map((a) => ({
      cords: a.assignment.map(cordLetter).join(''),
      front: a.shares.front.map(share),
      back: a.shares.back.map(share),
      balance: share(a.balance),
      contrast: share(a.contrast),
    })),
  });
}
