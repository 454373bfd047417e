import { findProduct } from '../../fit/products.ts';
import type { Design } from '../../formats/design.gen.ts';
import type { Plan } from '../../plan/types.ts';
import { len, num, type Why, why } from '../../why/why.ts';
import type { Step, WayOfWorking } from '../types.ts';
import { BLADE, type Caution, forAdult, HEAT, LOAD, SMALL, SPRING_BAR, wearing } from './cautions.ts';
import { melts } from './gather.ts';

const MELT = {
  flat: 'Melt each stub and press it flat against the band with something cold: strong, but feel for a sharp rim afterwards.',
  bead: 'Melt each stub and let it draw up into a round bead on its own: smooth on the skin.',
} as const;

const DRY = {
  whip: 'whip it to the band with five turns of thread, the last drawn under themselves',
  stitch: 'stitch through it and the last row, three times',
  glue: 'set it with a drop of fabric glue; a natural cord may be stiffened with thinned glue',
} as const;

/** Stub that is left to melt, in mm. */
const STUB_MM: readonly [number, number] = [3, 6];

/** Ends, add-ons that come on last, inspection, wear and care. */
export function finishSteps(design: Design, plan: Plan, way: WayOfWorking): Step[] {
  return [...lateAddons(plan), ...endSteps(design, plan, way), inspection(design, plan), care(plan)];
}

function lateAddons(plan: Plan): Step[] {
  return plan.bands.flatMap((band, b) =>
    band.addons
      .filter((a) => a.kind === 'charm' || a.kind === 'tag' || a.kind === 'slider')
      .map((a): Step => {
        const where = why`its middle ${len(a.atMm)} from the first bar, rows ${num(a.fromRow, 0)} to ${num(a.toRow, 0)}`;
        return {
          id: `addon-${a.index}`,
          phase: 'finish',
          title: `${a.kind === 'slider' ? 'Push on' : 'Stitch on'} the ${a.name}`,
          lines: [
            a.kind === 'slider'
              ? why`Push it over the finished band to its place: ${where}.`
              : why`Stitch it on through two rows: ${where}.`,
          ],
          picture: { kind: 'place', band: b, atMm: a.atMm },
        };
      }),
  );
}

function endSteps(design: Design, plan: Plan, way: WayOfWorking): Step[] {
  const carries = findProduct(design.product)?.carriesLoad ?? false;
  const ends = plan.cords.filter((c) => c.parts.some((p) => p.what === 'tail' && p.strand !== undefined));
  const ofFibre = (isMelting: boolean) => ends.filter((c) => melts(c) === isMelting);
  const [hot, dry] = [ofFibre(true), ofFibre(false)];
  const names = (list: typeof ends) => list.map((c) => c.letter).join(', ');
  const tuck = why`Draw each end of ${names(ends)} under two rows on the inside with a fid.`;
  const steps: Step[] = [];
  if (ends.length > 0) {
    steps.push({
      id: 'tuck',
      phase: 'finish',
      title: carries ? 'Tuck the ends in' : 'Bring the ends inside',
      lines: [tuck, why`They lie away from where the piece opens, on the side that is not seen.`],
      look: why`Pull at each: it does not slip.`,
    });
  }
  if (hot.length > 0) {
    const text = `${MELT[way.melt]}${carries ? ' Only the stub: the cords that hold must not be touched by the flame.' : ''}`;
    steps.push({
      id: 'seal',
      phase: 'finish',
      title: 'Snip and seal',
      lines: [
        why`Cut the ends of ${names(hot)} to stubs of ${num(STUB_MM[0], 0)} to ${num(STUB_MM[1], 0)} mm.`,
        why`${way.withAdult ? forAdult(text) : text}`,
      ],
      look: why`The seal cannot be picked off with a fingernail and scratches nowhere.`,
      cautions: [BLADE, HEAT, SMALL, ...(carries ? [LOAD] : [])],
      ...(way.withAdult ? { isAdults: true } : {}),
    });
  }
  if (dry.length > 0) {
    steps.push({
      id: 'bind',
      phase: 'finish',
      title: 'Snip and bind',
      lines: [why`These do not melt (${names(dry)}): cut each end short and ${DRY[way.dry]}.`],
      look: why`No fibre stands out.`,
      cautions: [BLADE, SMALL],
    });
  }
  return steps;
}

/** What a loop at the one end goes over at the other. */
function overLoop(plan: Plan): Why[] {
  const ends = plan.bands.flatMap((b) => [b.start.shape, b.end.shape]);
  const stopper = ends.find((e) => e.shape === 'run' && e.knot !== undefined);
  if (stopper?.shape !== 'run' || !ends.some((e) => e.shape === 'loop')) return [];
  return stopper.beadMm === undefined
    ? [why`The loop goes over its knot with a push and does not come off by itself.`]
    : [why`The loop goes over its bead with a push and does not come off by itself.`];
}

/** What a careful maker looks at before it is given away. */
function inspection(design: Design, plan: Plan): Step {
  const product = findProduct(design.product);
  const closed = plan.closed;
  const lines: Why[] = [
    why`Bumps line up on both edges, no row is loose, and it lies flat without twisting.`,
    why`Ends cannot be pulled out, and nothing scratches on the inside.`,
    ...overLoop(plan),
    ...(closed.openMm !== undefined
      ? [why`Open, it goes round ${len(closed.openMm)}; closed, ${len(closed.closedMm)}.`]
      : [why`Closed, its inside goes round ${len(closed.closedMm)}.`]),
    ...(plan.bands.some((b) => b.addons.some((a) => a.kind === 'ring'))
      ? [why`The ring does not slide along the band.`]
      : []),
    ...(product?.carriesLoad ? [why`Two fingers pass under it flat, side by side.`] : []),
    ...(product?.case
      ? [why`The band goes between the lugs without rubbing, and each spring bar holds a pull.`]
      : []),
  ];
  const cautions: Caution[] = [
    ...(product?.carriesLoad ? [LOAD] : []),
    ...(product?.case ? [SPRING_BAR] : []),
  ];
  return {
    id: 'inspect',
    phase: 'check',
    picture: { kind: 'closed' },
    title: 'Look it over',
    lines,
    ...(cautions.length > 0 ? { cautions } : {}),
  };
}

function care(plan: Plan): Step {
  return {
    id: 'care',
    phase: 'check',
    picture: { kind: 'closed' },
    title: 'Tell the wearer',
    lines: [
      why`Wash it by hand and dry it flat: cord shrinks a little the first time.`,
      why`Cord is not for climbing, lifting or holding a person, whatever its label says.`,
    ],
    cautions: wearing(plan.cautions),
  };
}
