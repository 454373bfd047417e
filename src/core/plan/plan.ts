import { handLengthMm } from '../chance/hands.ts';
import { compareSchools } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import { fail, type Result } from '../result.ts';
import { bandsOf } from './bands.ts';
import { checkContextOf } from './checks/context.ts';
import { checks } from './checks/index.ts';
import type { ClosedDesign } from './close.ts';
import { figures, moreFigures } from './figures.ts';
import { guarded } from './guard.ts';
import { type Knowledge, LIBRARY_ONLY } from './knowledge.ts';
import { extraCords } from './setups/extra.ts';
import { closeSuited, type SuitedDesign } from './suited.ts';
import { minutesFor } from './time.ts';
import type { Plan } from './types.ts';

/**
 * Design → Plan: the one place where body, cord, weave, closure and set-up meet. Pure; every number carries its
 * working. Fails with issues at their paths when the design names what does not exist or cannot be made.
 */
export function plan(design: Design, know: Knowledge = LIBRARY_ONLY): Result<Plan> {
  const closed = closeSuited(design, know);
  return closed.ok ? planClosed(closed.value) : closed;
}

function planClosed(c: SuitedDesign): Result<Plan> {
  const { r, m, closing, layout } = c;
  const { design } = r;
  const short = layout.pieces.find((p) => p.wovenMm < m.rowHeightMm);
  if (short) return fail(nothingToWeave(c));
  const made = bandsOf(c);
  if (!made.ok) return made;
  const seen = checkContextOf(c, made.value);
  const { bands, cords: woven, ring, sequence, q } = made.value;
  const cords = [...woven, ...extraCords({ r, m, band: 0, q }, closing.extra ?? [], design.cords.length)];
  const { innerMm } = seen;
  if (innerMm <= 0) return fail(noRoomInside(c));
  const openMm = closing.openMm === undefined ? undefined : closing.openMm - Math.PI * m.thicknessMm;
  const total = (pick: (b: (typeof bands)[number]) => number) => bands.reduce((sum, b) => sum + pick(b), 0);
  const minutes = minutesFor(
    r,
    m,
    total((b) => b.rows),
  );
  const base: Omit<Plan, 'figures' | 'more' | 'checks'> = {
    style: design.setup.style,
    finishedLengthMm: closing.finishedMm,
    wovenLengthMm: total((b) => b.wovenMm),
    rows: total((b) => b.rows),
    metrics: m,
    schools: compareSchools(design.wearer.girthMm, m.thicknessMm, design.ease),
    cords,
    cautions: [...(r.closure.cautions ?? []), ...r.product.cautions],
    bands,
    caseMm: layout.caseMm,
    measures: r.measures,
    chance: r.chance,
    hands: { plannedMm: r.handMm('row'), toolMm: handLengthMm('row', 'tool', m.diameterMm) },
    closed: {
      id: r.closure.id,
      closedMm: innerMm,
      ...(openMm === undefined ? {} : { openMm }),
      gapMm: closing.finishedMm - layout.caseMm - total((b) => b.wovenMm),
      danglesMm: closing.danglesMm ?? 0,
      ...(closing.dangles ? { dangles: closing.dangles } : {}),
      minutes: minutes.value,
      difficulty: Math.max(r.closure.difficulty, r.difficulty),
      ...(closing.adjust ? { adjust: closing.adjust } : {}),
    },
    ...(ring ? { ring } : {}),
    ...(sequence ? { sequence } : {}),
  };
  return guarded({
    ...base,
    figures: figures(c, base, minutes),
    more: moreFigures(c, base),
    checks: checks(seen),
  });
}

function noRoomInside({ r, m, closing }: ClosedDesign) {
  return {
    code: 'plan.thick',
    path: '/ease',
    message: `A band ${m.thicknessMm.toFixed(1)} mm thick and ${closing.finishedMm.toFixed(0)} mm long has no room inside once it is closed. Choose a looser fit, thinner cord or a flatter weave; check the ${r.product.girth.name}, too.`,
  };
}

function nothingToWeave({ r, layout, closing }: ClosedDesign) {
  const isBuckle = r.closure.family === 'buckled';
  return {
    code: 'plan.hardware',
    path: isBuckle ? '/closure/sizeMm' : '/closure',
    message:
      layout.pieces.length > 1
        ? 'Case and buckle are as long as the whole strap: nothing is left to weave. Check the case length, or choose a smaller buckle.'
        : r.closure.isBuckle
          ? 'The buckle is as long as the whole band: nothing is left to weave. Choose a smaller buckle, or check its measured length.'
          : closing.openMm !== undefined
            ? `Opening that wide leaves nothing to weave between the ends. Let it open less far, choose thinner cord, or a closure that opens flat.`
            : `The ${r.closure.name} takes the whole length: nothing is left to weave. Choose a smaller one, or thinner cord.`,
  };
}
