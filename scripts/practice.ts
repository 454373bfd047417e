/** Pieces that were finished from a known cut, with something thrown away: what our default plan asks for the same piece. */
import type { Design } from '../src/core/formats/design.gen.ts';
import { LIBRARY_ONLY } from '../src/core/plan/knowledge.ts';
import { plan } from '../src/core/plan/plan.ts';
import type { CordCut, Plan } from '../src/core/plan/types.ts';

interface Evidence {
  readonly name: string;
  readonly design: Partial<Design>;
  /** Woven length of the piece, and how well it is known, in mm. */
  readonly wovenMm: number;
  readonly wovenOffMm: number;
  readonly sufficedMm: number;
  /** Which of its cords the figure is for; all where nothing is said. */
  readonly pick?: (cord: CordCut) => boolean;
}

const IN = 25.4;
const FT = 12 * IN;

const EVIDENCE: readonly Evidence[] = [
  {
    name: 'Solomon bar, knot and loop: the working cord',
    design: {
      setup: { style: 'separate' },
      cords: [{ colour: 'dusk' }, { colour: 'ember' }],
      closure: { kind: 'knot-loop', knot: 'overhand-two' },
    },
    wovenMm: 165,
    wovenOffMm: 10,
    sufficedMm: 6 * FT,
    pick: (c) => c.cord === 0,
  },
  {
    name: 'fishtail collar, ¾ in buckle, one cord',
    design: { product: 'collar', pattern: { id: 'fishtail' }, closure: { kind: 'side-release', sizeMm: 20 } },
    wovenMm: 12.5 * IN,
    wovenOffMm: 0.25 * IN,
    sufficedMm: 15 * FT,
  },
  {
    name: 'ladder weave collar on four cores, all cords',
    design: {
      product: 'collar',
      pattern: { id: 'ladder-4' },
      setup: { style: 'separate' },
      cords: [{ colour: 'dusk' }, { colour: 'dusk' }],
      closure: { kind: 'side-release', sizeMm: 25 },
    },
    wovenMm: 15 * IN,
    wovenOffMm: 0.5 * IN,
    sufficedMm: 30 * FT,
  },
  {
    name: 'Solomon bar of one cord between buckle halves',
    design: { closure: { kind: 'side-release', sizeMm: 15 } },
    wovenMm: 165,
    wovenOffMm: 10,
    sufficedMm: 8 * FT,
  },
  {
    name: 'chain sinnet (5 ft; the buckle’s hitches for its loop and knot)',
    design: {
      pattern: { id: 'chain-sinnet' },
      setup: { style: 'separate' },
      closure: { kind: 'side-release', sizeMm: 10 },
    },
    wovenMm: 165,
    wovenOffMm: 10,
    sufficedMm: 5 * FT,
  },
];

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Known piece',
  product: 'bracelet',
  wearer: { name: 'Okoro', girthMm: 170 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release' },
  // As worked out, before it is rounded up to what a ruler shows.
  roundToMm: 1,
};

/** The body for which a plan weaves just that length. */
function planPiece(e: Evidence): Plan {
  let design: Design = { ...BASE, ...e.design };
  for (let i = 0; i < 40; i++) {
    const made = plan(design, LIBRARY_ONLY);
    if (!made.ok) throw new Error(`${e.name}: ${made.issues[0]!.message}`);
    const off = e.wovenMm - made.value.wovenLengthMm;
    if (Math.abs(off) < 0.05) return made.value;
    design = { ...design, wearer: { ...design.wearer, girthMm: design.wearer.girthMm + off } };
  }
  throw new Error(`${e.name}: no body gives that length`);
}

export interface Practised {
  readonly name: string;
  readonly planMm: number;
  readonly sufficedMm: number;
  readonly uncertainMm: number;
  readonly isWithin: boolean;
}

export const practiceTable = (): Practised[] =>
  EVIDENCE.map((e) => {
    const cords = planPiece(e).cords.filter(e.pick ?? (() => true));
    const planMm = cords.reduce((sum, c) => sum + c.cutLengthMm, 0);
    const perMm = cords.flatMap((c) => c.parts).filter((p) => p.what === 'weave' || p.what === 'core run');
    const uncertainMm = (perMm.reduce((sum, p) => sum + p.lengthMm, 0) / e.wovenMm) * e.wovenOffMm;
    const isWithin = planMm <= e.sufficedMm + uncertainMm;
    return { name: e.name, planMm, sufficedMm: e.sufficedMm, uncertainMm, isWithin };
  });
