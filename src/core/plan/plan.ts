import { handLengthMm } from '../chance/hands.ts';
import { compareSchools } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import { fail, type Result } from '../result.ts';
import { bandsOf } from './bands.ts';
import { checkContextOf } from './checks/context.ts';
import { checks } from './checks/index.ts';
import type { ClosedDesign } from './close.ts';
import { figures, moreFigures } from './figures.ts';
import { guard } from './guard.ts';
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

function planClosed(closed: SuitedDesign): Result<Plan> {
  const { resolved, metrics, closing, layout } = closed;
  const { design } = resolved;
  const short = layout.pieces.find((p) => p.wovenMm < metrics.rowHeightMm);
  if (short) return fail(nothingToWeave(closed));
  const made = bandsOf(closed);
  if (!made.ok) return made;
  const seen = checkContextOf(closed, made.value);
  const { bands, cords: woven, sequence, q } = made.value;
  const cords = [
    ...woven,
    ...extraCords({ resolved, metrics, band: 0, q }, closing.extra ?? [], design.cords.length),
  ];
  const { innerMm } = seen;
  if (innerMm <= 0) return fail(noRoomInside(closed));
  const openMm = closing.openMm === undefined ? undefined : closing.openMm - Math.PI * metrics.thicknessMm;
  const total = (pick: (b: (typeof bands)[number]) => number) => bands.reduce((sum, b) => sum + pick(b), 0);
  const minutes = minutesFor(
    resolved,
    metrics,
    total((b) => b.rows),
  );
  const base: Omit<Plan, 'figures' | 'more' | 'checks'> = {
    style: design.setup.style,
    finishedLengthMm: closing.finishedMm,
    wovenLengthMm: total((b) => b.wovenMm),
    rows: total((b) => b.rows),
    metrics,
    schools: compareSchools(design.wearer.girthMm, metrics.thicknessMm, design.ease),
    cords,
    cautions: [...(resolved.closure.cautions ?? []), ...resolved.product.cautions],
    bands,
    caseMm: layout.caseMm,
    measures: resolved.measures,
    chance: resolved.chance,
    hands: { plannedMm: resolved.handMm('row'), toolMm: handLengthMm('row', 'tool', metrics.diameterMm) },
    closed: {
      id: resolved.closure.id,
      closedMm: innerMm,
      ...(openMm === undefined ? {} : { openMm }),
      gapMm: closing.finishedMm - layout.caseMm - total((b) => b.wovenMm),
      danglesMm: closing.danglesMm ?? 0,
      ...(closing.dangles ? { dangles: closing.dangles } : {}),
      minutes: minutes.value,
      difficulty: Math.max(resolved.closure.difficulty, resolved.difficulty),
      ...(closing.adjust ? { adjust: closing.adjust } : {}),
    },
    ...(sequence ? { sequence } : {}),
    ...(resolved.mixed
      ? { mixed: { request: resolved.mixed.request, isKnown: resolved.mixed.isKnown } }
      : {}),
  };
  return guard({
    ...base,
    figures: figures(closed, base, minutes),
    more: moreFigures(closed, base),
    checks: checks(seen),
  });
}

function noRoomInside({ resolved, metrics, closing }: ClosedDesign) {
  return {
    code: 'plan.thick',
    path: '/ease',
    message: `A band ${metrics.thicknessMm.toFixed(1)} mm thick and ${closing.finishedMm.toFixed(0)} mm long has no room inside once it is closed. Choose a looser fit, thinner cord or a flatter weave; check the ${resolved.product.girth.name}, too.`,
  };
}

function nothingToWeave({ resolved, layout, closing }: ClosedDesign) {
  const isBuckle = resolved.closure.family === 'buckled';
  return {
    code: 'plan.hardware',
    path: isBuckle ? '/closure/sizeMm' : '/closure',
    message:
      layout.pieces.length > 1
        ? 'Case and buckle are as long as the whole strap: nothing is left to weave. Check the case length, or choose a smaller buckle.'
        : resolved.closure.isBuckle
          ? 'The buckle is as long as the whole band: nothing is left to weave. Choose a smaller buckle, or check its measured length.'
          : closing.openMm !== undefined
            ? `Opening that wide leaves nothing to weave between the ends. Let it open less far, choose thinner cord, or a closure that opens flat.`
            : `The ${resolved.closure.name} takes the whole length: nothing is left to weave. Choose a smaller one, or thinner cord.`,
  };
}
