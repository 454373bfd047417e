import { FIBRE_MELTS } from '../cord/cords.ts';
import { counted, len, num, percent, why } from '../why/why.ts';
import type { RingCheck, RingPlan } from './planned.ts';
import { easyPitch, leastGirth, leastPitch, mostBights } from './sizes.ts';
import { gcd } from './types.ts';

/** What holds and what does not, and what would put it right. `mustPass` is the girth that a worn ring must pass, in mm. */
export function ringChecks(plan: Omit<RingPlan, 'checks'>, mustPass: number): RingCheck[] {
  const { ring, shape, pitchMm, design, narrowMm, product } = plan;
  const { passes, d, girth } = ring;
  const [least, easy] = [leastPitch(passes, d), easyPitch(passes, d)];
  const checks: RingCheck[] = [];
  const fits = pitchMm >= least;
  const fewer = bestBelow(mostBights(girth, passes, d), shape.leads, plan.strands);
  checks.push({
    id: 'ring.pitch',
    ok: fits,
    message: fits
      ? why`${counted(shape.bights, 'bight')} fit side by side: ${len(pitchMm)} from one to the next, and ${len(least)} is the least`
      : why`${counted(shape.bights, 'bight')} don’t fit round it: ${len(pitchMm)} from one to the next, ${len(least)} is the least for ${counted(passes, 'cord')} abreast. It would need ${len(leastGirth(shape.bights, passes, d))} round`,
    ...(!fits && fewer
      ? {
          fix: {
            label: why`use ${counted(fewer, 'bight')}`,
            patch: { bights: fewer },
          },
        }
      : {}),
  });
  if (fits && pitchMm < easy)
    checks.push({
      id: 'ring.crowded',
      ok: true,
      isNote: true,
      message: why`bights are crowded: under ${len(easy)} apart leads begin to pile up, the ring comes out wider and uses up to a few per cent more`,
    });
  const wanted = design.widthMm;
  if (wanted !== undefined) {
    const isWide = wanted >= narrowMm - 0.05;
    checks.push({
      id: 'ring.width',
      ok: isWide,
      message: isWide
        ? why`${len(wanted)} wide is ${percent(wanted / narrowMm - 1)} over its narrowest`
        : why`it does not go as narrow as ${len(wanted)}: ${len(narrowMm)} is its narrowest`,
      ...(isWide
        ? {}
        : { fix: { label: why`make it ${len(narrowMm)} wide`, patch: { widthMm: undefined } as never } }),
    });
  }
  if (design.girth.by === 'body') {
    const room = plan.passesMm - (mustPass - (design.girth.easeMm ?? product.easeMm));
    checks.push({
      id: 'ring.passes',
      ok: room >= -0.05,
      message:
        room >= -0.05
          ? why`passes the ${product.measured} by ${len(Math.max(0, room))}`
          : why`does not pass the ${product.measured}: ${len(-room)} too small`,
    });
  }
  if (plan.strands > 1)
    checks.push({
      id: 'ring.strands',
      ok: true,
      isNote: true,
      message: why`it is made of ${counted(plan.strands, 'cord')}, because ${num(plan.strands, 0)} divides leads and bights`,
    });
  if (passes >= 3)
    checks.push({
      id: 'ring.extrapolated',
      ok: true,
      isNote: true,
      message: why`with ${counted(passes, 'cord')} abreast the width may differ: few such rings were measured`,
    });
  if (shape.coding.n === 2 && shape.leads === 5 && pitchMm < 5 * d)
    checks.push({
      id: 'ring.gaucho',
      ok: true,
      isNote: true,
      message: why`with five leads over two and under two, so close together, it may come out up to a tenth narrower`,
    });
  if (shape.coding.n === 3 || (shape.coding.by === 'col' && shape.coding.n > 1))
    checks.push({
      id: 'ring.coding',
      ok: true,
      isNote: true,
      message: why`no ring in this coding was measured: width and cord are worked out as for over two and under two`,
    });
  if (design.ends === 'melted' && !FIBRE_MELTS[plan.cordType.fibre])
    checks.push({
      id: 'ring.melt',
      ok: false,
      message: why`${plan.cordType.name} does not melt: stitch or bury its ends`,
      fix: { label: why`stitch its ends`, patch: { ends: 'stitched' } },
    });
  return checks;
}

/** The largest number of bights up to this that needs no more cords than now. */
function bestBelow(most: number, leads: number, strands: number): number | undefined {
  for (let bights = most; bights >= 2; bights--) if (gcd(leads, bights) <= strands) return bights;
  return undefined;
}
