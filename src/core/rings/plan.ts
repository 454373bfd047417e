import { handLengthMm } from '../chance/hands.ts';
import { marginFor } from '../chance/joint.ts';
import { endSpread, PRIOR_NU, PRIOR_SHARED } from '../chance/spread.ts';
import { type CordColour, findColour } from '../colour/palette.ts';
import { effectiveDiameterMm, findCord } from '../cord/cords.ts';
import type { RingDesign } from '../formats/ring.gen.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';
import { counted, cut, len, num, percent, why } from '../why/why.ts';
import { ringChecks } from './checks.ts';
import { cordToDraw, pushedNarrow, ringMinutes, SECONDS, wornGirth } from './fit.ts';
import { layRing } from './lays.ts';
import type { RingCord, RingPlan } from './planned.ts';
import { findRingProduct } from './products.ts';
import {
  leadAngle,
  narrowestWidth,
  openShare,
  passLength,
  pitchOf,
  type RingOnMandrel,
  thickness,
  verdictOf,
} from './sizes.ts';
import { type Coding, parseCoding, type RingShape, strandsOf } from './types.ts';
import { checkShape } from './validity.ts';

const ROUND_UP_MM = 10;

/** The shape that a design names. */
export const shapeOfDesign = (
  design: Pick<RingDesign, 'leads' | 'bights' | 'coding' | 'first'>,
): RingShape => ({
  leads: design.leads,
  bights: design.bights,
  coding: parseCoding(design.coding) ?? ({ by: 'row', n: 1 } satisfies Coding),
  first: design.first,
});

/** Everything about a ring: sizes, cuts, checks, every half cycle. Fails where it names something that is not there. */
export function planRing(design: RingDesign): Result<RingPlan> {
  const shape = shapeOfDesign(design);
  const valid = checkShape(shape);
  if (!valid.ok) return valid;
  const product = findRingProduct(design.product);
  const cordType = findCord(design.cord);
  const strands = strandsOf(shape);
  const used = strands > 1 && design.strandCords ? design.strandCords : design.lanes;
  const issues: Issue[] = [];
  const wrong = (path: string, message: string) => issues.push({ code: 'ring.unknown', path, message });
  if (!product) wrong('/product', `There is no ring called “${design.product}”.`);
  if (!cordType) wrong('/cord', `There is no cord called “${design.cord}”.`);
  if (product && (design.girth.mm < product.leastMm || design.girth.mm > product.mostMm))
    wrong(
      '/girth/mm',
      `${product.measured}: choose between ${product.leastMm / 10} and ${product.mostMm / 10} cm.`,
    );
  if (used.some((c) => c >= design.cords.length))
    wrong('/lanes', 'A pass names a cord that is not in the list.');
  if (strands > 1 && design.strandCords && design.strandCords.length !== strands)
    wrong(
      '/strandCords',
      `This ring is made of ${strands} cords; ${design.strandCords.length} colours are named.`,
    );
  if ((design.startAt ?? 1) > design.bights)
    wrong('/startAt', `The left edge has ${design.bights} pins: begin at one of them.`);
  const colours = design.cords.map((c, i) => {
    const colour = findColour(c.colour, design.looks as readonly CordColour[] | undefined);
    if (!colour) wrong(`/cords/${i}/colour`, `There is no colour called “${c.colour}”.`);
    return colour;
  });
  if (issues.length > 0 || !product || !cordType) return fail(...issues);

  const d = effectiveDiameterMm(cordType);
  const passes = design.lanes.length;
  const narrowMm = narrowestWidth({ shape, passes, d });
  const widthMm = design.widthMm === undefined ? narrowMm : design.widthMm;
  const made = Math.max(widthMm, narrowMm);
  const ease = design.girth.by === 'body' ? (design.girth.easeMm ?? product.easeMm) : 0;
  const mustPass = design.girth.mm + ease;
  const girth =
    design.girth.by === 'body' ? wornGirth({ shape, passes, d }, made, mustPass) : design.girth.mm;
  const startColumn = 2 * ((design.startAt ?? 1) - 1);
  const ring: RingOnMandrel = { shape, passes, girth, d, ...(startColumn > 0 ? { startColumn } : {}) };
  const lays = layRing(shape, design.lanes);
  const pitchMm = pitchOf(ring);
  const share = openShare(ring, made);
  const passesMm = pushedNarrow(ring, made);
  const chance = design.chance ?? 0.98;
  const cords = cordsOf({ design, ring, made, strands, colours: colours as CordColour[], chance });
  const crossings = lays.reduce((sum, lay) => sum + lay.tucks.reduce((s, t) => s + t.count, 0), 0);
  const plan: Omit<RingPlan, 'checks'> = {
    design,
    shape,
    product,
    cordType,
    ring,
    strands,
    widthMm: made,
    narrowMm,
    pitchMm,
    angleDeg: (leadAngle(ring, made) * 180) / Math.PI,
    openShare: share,
    thicknessMm: thickness({ shape, passes, d }),
    verdict: verdictOf(ring, widthMm),
    passesMm,
    drawnOutMm: cordToDraw(ring, 2 * Math.PI * d),
    cords,
    chance,
    lays,
    crossings,
    minutes: ringMinutes(shape, passes),
    minutesWhy: why`${counted(lays.length, 'half cycle')} × ${num(SECONDS.halfCycle + SECONDS.slack, 0)} s to lay and to work the slack out, and ${num(SECONDS.crossing, 0)} s for each of ${counted(crossings, 'crossing')}: a rough figure`,
    whys: {
      girth:
        design.girth.by === 'body'
          ? made > narrowMm
            ? why`worn open it may be smaller: pushed together it grows to ${len(passesMm)}, which is ${product.measured} ${len(design.girth.mm)} + ${len(ease)} to spare`
            : why`${product.measured} ${len(design.girth.mm)} + ${len(ease)} to spare: a closed ring does not stretch`
          : why`the ${product.measured} that it is tied on`,
      width:
        made > narrowMm
          ? why`held open; at its narrowest it would be ${len(narrowMm)}`
          : why`its narrowest: ${counted(passes * shape.leads, 'cord')} abreast in ${len(d)} cord, fitted to rings that the rope engine pulled tight`,
      pitch: why`once round the middle of the cords ${len(girth + 2 * Math.PI * d)} ÷ ${counted(shape.bights, 'bight')}`,
      open: why`leads cross at ${num((leadAngle(ring, made) * 180) / Math.PI, 0)}° and leave ${percent(share)} of the face bare`,
      passes: why`pushed to its narrowest it is ${len(passesMm)} round inside`,
    },
  };
  return ok({ ...plan, checks: ringChecks(plan, mustPass) });
}

interface Cutting {
  readonly design: RingDesign;
  readonly ring: RingOnMandrel;
  readonly made: number;
  readonly strands: number;
  readonly colours: readonly CordColour[];
  readonly chance: number;
}

/** Each colour's passes come from one cord; where a pass needs several cords, from one for each strand. */
function cordsOf({ design, ring, made, strands, colours, chance }: Cutting): RingCord[] {
  const pass = passLength(ring, made);
  const { d } = ring;
  const own = strands > 1 ? design.strandCords : undefined;
  const pieces = Array.from({ length: strands }, (_, s) =>
    own
      ? [{ cord: own[s]!, strand: s + 1, passes: design.lanes.length }]
      : [...new Set(design.lanes)].map((cord) => ({
          cord,
          strand: strands > 1 ? s + 1 : 0,
          passes: design.lanes.filter((c) => c === cord).length,
        })),
  )
    .flat()
    .sort((a, b) => a.cord - b.cord || a.strand - b.strand);
  const handMm = handLengthMm('row', 'tool', d, design.endMm);
  const finishMm = finishLength(design.ends, ring);
  const used = pieces.map((p) => (p.passes * pass) / strands);
  const spreads = used.map((mm) => endSpread(PRIOR_SHARED, mm, (2 * ring.shape.bights) / strands));
  const q = marginFor(chance, { loadings: spreads.map((s) => s.loading), nu: PRIOR_NU });
  return pieces.map((p, i): RingCord => {
    const endsMm = 2 * (handMm + finishMm);
    const spareMm = used[i]! * (Math.exp(q * Math.sqrt(spreads[i]!.variance)) - 1);
    const exact = used[i]! + endsMm + spareMm;
    const cutMm = Math.ceil(exact / ROUND_UP_MM) * ROUND_UP_MM;
    return {
      ...p,
      letter: String.fromCharCode(65 + p.cord),
      colour: colours[p.cord]!,
      usedMm: used[i]!,
      endsMm,
      spareMm,
      cutMm,
      why: why`${num(p.passes, 0)} ${p.passes === 1 ? 'pass' : 'passes'} of ${len(pass / strands)} ${strands > 1 ? 'for each cord ' : ''}as a taut string over its crossings + ${len(spareMm)} spare to be ${percent(chance)} sure + two ends of ${len(handMm)} in the hand and ${len(finishMm)} ${FINISH[design.ends]} = ${len(exact)}, rounded up to ${cut(cutMm)}`,
    };
  });
}

const FINISH = {
  stitched: 'stitched down',
  buried: 'buried beside its own pass',
  melted: 'melted to its neighbour',
} as const;

/** Cord that stays in the ring beyond its passes, at each end: a lap to stitch, a half cycle to bury, a stub to melt. */
function finishLength(ends: RingDesign['ends'], ring: RingOnMandrel): number {
  const { leads } = ring.shape;
  if (ends === 'buried') return Math.round((leads * pitchOf(ring)) / 2);
  return ends === 'stitched' ? Math.round(5 * ring.d) : Math.round(1.5 * ring.d);
}
