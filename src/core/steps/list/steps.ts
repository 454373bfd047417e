import type { Design } from '../../formats/design.gen.ts';
import { findPattern } from '../../patterns/index.ts';
import type { Pattern, Tells } from '../../patterns/types.ts';
import { type Knowledge, LIBRARY_ONLY } from '../../plan/knowledge.ts';
import type { Plan } from '../../plan/types.ts';
import { ok, type Result } from '../../result.ts';
import { counted, len, type Why, why } from '../../why/why.ts';
import { capital } from '../../words.ts';
import { stageWords } from '../knots/stageWords.ts';
import { tyingOf } from '../knots/tyingOf.ts';
import type { TyingOrder } from '../rows/moves.ts';
import { isMirrored, tyingOrders } from '../rows/orders.ts';
import { endName, rowText, shortRowText } from '../rows/words.ts';
import type { Step, WayOfWorking } from '../types.ts';
import { BLADE, HEAT, SMALL } from './cautions.ts';
import { closeSteps } from './closing.ts';
import { type EndAt, ringsOf, rowEvents } from './events.ts';
import { finishSteps } from './finishing.ts';
import { focalSteps } from './focal.ts';
import { cutSteps, gatherStep } from './gather.ts';
import { setUpSteps } from './setUp.ts';

/** Everything from the first cut to the last look, and the moves of each pass of the weave. */
export interface Guide {
  readonly steps: readonly Step[];
  /** One for each pass; none for a plain band. */
  readonly tying: readonly TyingOrder[];
  /** Rows in all, over bands and passes. */
  readonly rows: number;
  /** Bumps, ends or strands that tell the next side, if this weave has such a sign. */
  readonly tells: Tells | undefined;
  /** Both sides move in every row: none begins it. */
  readonly isSideless: boolean;
}

/** Weaves that are beaten up row by row pack harder than those that their own knots lock. */
const BEATEN_BELOW = 0.75;

/**
 * Plan → the ordered list of steps. Pure: the same design, plan and way of working give the same steps with the same
 * ids. `rowsOf` holds the rows of each band where the maker ties more or fewer than planned. Fails only where the weave's own notation cannot be read.
 */
export function guideFor(
  design: Design,
  plan: Plan,
  way: WayOfWorking,
  know: Knowledge = LIBRARY_ONLY,
  rowsOf: readonly number[] = [],
): Result<Guide> {
  const facts = know.facts(design.pattern.id);
  const pattern = findPattern(design.pattern.id);
  const read = tyingOrders(design, plan, way, know);
  if (!read.ok) return read;
  const tying = read.value;
  const isBeaten = (facts?.squash ?? 1) < BEATEN_BELOW;
  const bands = plan.bands.flatMap((_, b) => [
    ...setUpSteps(design, plan, b, isMirrored(tying)),
    ...focalSteps(plan, b),
    ...rowSteps(plan, b, rowsOf[b] ?? plan.bands[b]!.rows, tying, isBeaten, pattern, way.withAdult),
    ...lockSteps(plan, b, pattern),
    ...closeSteps(design, plan, b),
  ]);
  const cuts = cutSteps(plan, way);
  const steps = [
    gatherStep(design, plan, way),
    ...tidy(cuts),
    ...bands,
    ...finishSteps(design, plan, way),
  ].map((step) => withStages(step, way));
  return ok({
    steps,
    tying,
    rows: steps.filter((s) => s.at && s.picture?.kind === 'row').length,
    tells: pattern?.tells,
    isSideless: pattern?.isSideless ?? false,
  });
}

/** A knot is told stage by stage, too. */
function withStages(step: Step, way: WayOfWorking): Step {
  const tying = step.picture?.kind === 'knot' ? tyingOf(step.picture.id, way.hand) : undefined;
  if (!tying) return step;
  const led = tying.stages.map((_, i) => why`${stageWords(tying, i)}`);
  return { ...step, stages: [...led, why`Draw it tight, a little at every part in turn.`] };
}

/** A chain that is not locked pulls out into plain cord. */
function lockSteps(plan: Plan, b: number, pattern: Pattern | undefined): Step[] {
  if (!pattern?.pullsOut) return [];
  const metres = plan.cords
    .filter((c) => c.band === b && !c.isExtra)
    .reduce((sum, c) => sum + c.usedLengthMm, 0);
  return [
    {
      id: `lock${plan.bands.length > 1 ? `-${b + 1}` : ''}`,
      phase: 'close',
      title: 'Lock the chain',
      lines: [
        why`Pass the end through the last loop and draw the loop down on it.`,
        why`Drawn out of the lock again, the whole band pulls out in seconds into ${len(metres)} of cord.`,
      ],
      look: why`Pull at the end: the last loop closes on it and nothing runs.`,
    },
  ];
}

/** Snippets are swept up after the last cut. */
const tidy = (cuts: readonly Step[]): Step[] =>
  cuts.map((s, i) => (i === cuts.length - 1 ? { ...s, cautions: [...(s.cautions ?? []), SMALL] } : s));

function rowSteps(
  plan: Plan,
  b: number,
  rows: number,
  tying: readonly TyingOrder[],
  isBeaten: boolean,
  pattern: Pattern | undefined,
  withAdult: boolean,
): Step[] {
  const told = pattern?.rowIs?.words ?? (pattern?.isToldWhole ? pattern.words : undefined);
  const suffix = plan.bands.length > 1 ? `-${b + 1}` : '';
  const steps: Step[] = [];
  for (const [pass, t] of tying.entries()) {
    // What lies along the band is put on in the first pass.
    const events = pass === 0 ? rowEvents(plan, b, isBeaten, rows, endNames(t)) : [];
    if (pass > 0) steps.push(turnStep(plan, b, pass, rows, t, suffix));
    for (let row = 1; row <= rows; row++) {
      for (const e of events.filter((x) => x.afterRow === row - 1)) {
        steps.push({
          id: `${e.id}${suffix}`,
          phase: 'tie',
          title: e.title,
          lines: e.lines,
          alert: e.alert,
          at: { band: b, pass, row, of: rows },
          ...(e.look ? { look: e.look } : {}),
          ...(e.asksLeft ? { asksLeft: true } : {}),
          ...(e.isHeat ? { cautions: [BLADE, HEAT], ...(withAdult ? { isAdults: true } : {}) } : {}),
          ...(e.atMm === undefined ? {} : { picture: { kind: 'place' as const, band: b, atMm: e.atMm } }),
        });
      }
      const moves = t.row(row - 1);
      steps.push({
        id: `row${suffix}${tying.length > 1 ? `-${pass + 1}` : ''}-${row}`,
        phase: 'tie',
        title: `${capital(pattern?.rowIs?.name ?? 'row')} ${row} of ${rows}${tying.length > 1 ? (pass === 0 ? ', first bar' : ', over it') : ''}`,
        lines: told ? [why`${told}`] : shortRowText(moves).map((text) => why`${text}`),
        full: rowText(moves).map((text) => why`${text}`),
        at: { band: b, pass, row, of: rows },
        look: [...rowLook(plan, b, rows, pass, row, isBeaten, pattern?.next), ...tightOrder(pattern)],
        picture: { kind: 'row' },
      });
    }
  }
  return steps;
}

/** The end that a strand is as a row begins, as the words name it. */
const endNames =
  (t: TyingOrder): EndAt =>
  (strand, row) => {
    const moves = t.row(row - 1);
    const at = moves.order.findIndex((p) => t.cut.spec.strands[p.strand]!.name === strand);
    return endName(at + 1, moves);
  };

/** Before the piece is gone over again. */
function turnStep(
  plan: Plan,
  b: number,
  pass: number,
  rows: number,
  order: TyingOrder,
  suffix: string,
): Step {
  const names = order.cut.passes(0).map((p) => order.cut.spec.strands[p.strand]!.name);
  const cords = plan.cords.filter(
    (c) => c.band === b && c.parts.some((p) => p.what === 'weave' && names.includes(p.strand ?? '')),
  );
  const isNew = cords.every((c) =>
    c.parts.filter((p) => p.what === 'weave').every((p) => names.includes(p.strand ?? '')),
  );
  const letters = cords.map((c) => c.letter).join(' and ');
  return {
    id: `again${suffix}-${pass + 1}`,
    phase: 'tie',
    title: 'Turn it round and go back over it',
    lines: [
      isNew
        ? why`Put the middle of ${letters} behind the finished bar at its last row, one end to each side.`
        : why`The ends of ${letters} go back over the finished bar from its last row.`,
      why`${counted(rows, 'row')} over it, each between two rows of the first layer. The finished end is now at the top.`,
    ],
    look: why`The outer bumps lie beside the inner ones, not on top of them.`,
    alert: 'turn it round',
    at: { band: b, pass, row: 1, of: rows },
  };
}

/** What is drawn tight first and what after it; said where there is an order. */
function tightOrder(pattern: Pattern | undefined): Why {
  const order = pattern?.tightens ?? [];
  return order.length > 1 ? why` Draw tight ${order.join(', then ')}.` : [];
}

/** How this row should come out: over a ring's side, spaced, beaten up, or by the weave's own sign. */
function rowLook(
  plan: Plan,
  b: number,
  rows: number,
  pass: number,
  row: number,
  isBeaten: boolean,
  next: string | undefined,
): Why {
  const ring =
    pass === 0 ? ringsOf(plan, b, rows).find((r) => row >= r.fromRow && row <= r.toRow) : undefined;
  const gap = plan.metrics.gapMm ?? 0;
  const usual = isBeaten
    ? 'Beat it up against the row before.'
    : (next ?? 'Draw it up as tight as the row before.');
  return [
    ...(ring ? why`Over the flat side of the ${ring.name}, too. ` : []),
    ...(gap > 0.05 ? why`Leave ${len(gap)} of core bare before it. ` : why`${usual}`),
  ];
}
