import { compareSchools, fitted } from '../fit/schools.ts';
import type { Design } from '../formats/design.gen.ts';
import { fail, ok, type Result } from '../result.ts';
import { type WeaveMetrics, weaveMetrics } from '../usage/metrics.ts';
import { withSwatch } from '../usage/swatch.ts';
import { len, num, percent, why } from '../why/why.ts';
import { checks } from './checks.ts';
import { type Knowledge, LIBRARY_ONLY } from './knowledge.ts';
import { hardwareMm, resolve } from './resolve.ts';
import type { Resolved } from './resolved.ts';
import { lanesOf } from './setups/context.ts';
import { STYLES } from './setups/index.ts';
import type { Plan } from './types.ts';

/** A foot of cord for each inch of Solomon bar, as makers say: twelve for one, all strands together. */
const RULE_OF_THUMB = 12;

/**
 * Design → Plan: the one place where body, cord, weave, closure and set-up meet. Pure; every number carries its
 * working. Fails with issues at their paths when the design names what does not exist or cannot be made.
 */
export function plan(design: Design, know: Knowledge = LIBRARY_ONLY): Result<Plan> {
  const resolved = resolve(design, know);
  if (!resolved.ok) return resolved;
  const { solved, cord } = resolved.value;
  const engine = weaveMetrics(solved, cord);
  const swatch = know.swatch(solved.id, cord.id);
  return planResolved(resolved.value, swatch ? withSwatch(engine, swatch) : engine);
}

function planResolved(r: Resolved, m: WeaveMetrics): Result<Plan> {
  const { design, cord } = r;
  const dry = fitted(design.wearer.girthMm, m.thicknessMm, design.ease);
  const hardware = hardwareMm(r);
  const wetAdd =
    design.wet === 'add' ? ((dry.finishedMm - hardware) * cord.wetShrinkage) / (1 - cord.wetShrinkage) : 0;
  const finishedMm = dry.finishedMm + Math.max(0, wetAdd);
  const standoffMm = m.diameterMm;
  const wovenMm = finishedMm - hardware - standoffMm;
  if (wovenMm < m.rowHeightMm) {
    return fail({
      code: 'plan.hardware',
      path: '/closure/sizeMm',
      message:
        'The buckle is as long as the whole band: nothing is left to weave. Choose a smaller buckle, or check its measured length.',
    });
  }
  const rows = Math.max(1, Math.round(wovenMm / m.rowHeightMm));
  const innerMm = finishedMm - Math.PI * m.thicknessMm;
  const { cords, marks } = STYLES[design.setup.style].run({ r, m, wovenMm, standoffMm, rows });
  const totalMm = cords.reduce((sum, c) => sum + c.cutLengthMm, 0);
  const usedMm = cords.reduce((sum, c) => sum + c.usedLengthMm, 0);
  const weightG = (usedMm / 1000) * cord.gramsPerMetre;
  const thumbMm = wovenMm * RULE_OF_THUMB;
  const fit = {
    finishedMm,
    wovenMm,
    innerMm,
    widthMm: m.widthMm,
    rows,
    rowHeightMm: m.rowHeightMm,
    diameterMm: m.diameterMm,
    cordsOnBar: lanesOf(m, 'core').length || lanesOf(m, 'work').length,
  };
  return ok({
    finishedLengthMm: finishedMm,
    wovenLengthMm: wovenMm,
    rows,
    metrics: m,
    standoffMm,
    schools: compareSchools(design.wearer.girthMm, m.thicknessMm, design.ease),
    cords,
    checks: checks(r, fit),
    cautions: r.product.cautions,
    marks,
    figures: {
      finished: {
        label: 'finished, closed',
        value: finishedMm,
        unit: 'mm',
        why:
          wetAdd > 0
            ? why`${dry.why} + ${len(wetAdd)} for the first wetting (${percent(cord.wetShrinkage)})`
            : dry.why,
      },
      woven: {
        label: 'woven',
        value: wovenMm,
        unit: 'mm',
        why: why`finished ${len(finishedMm)} − buckle ${len(hardware)} − hitch ${len(standoffMm)}`,
      },
      rows: {
        label: 'rows',
        value: rows,
        unit: 'rows',
        why: why`woven ${len(wovenMm)} ÷ row height ${len(m.rowHeightMm)} = ${num(wovenMm / m.rowHeightMm)}, to the nearest whole row`,
      },
      rowHeight: { label: 'row height', value: m.rowHeightMm, unit: 'mm', why: m.source },
      width: {
        label: 'width',
        value: m.widthMm,
        unit: 'mm',
        why: why`${num(r.solved.widthD)} × cord ${len(m.diameterMm)}. ${m.source}`,
      },
      thickness: {
        label: 'thickness',
        value: m.thicknessMm,
        unit: 'mm',
        why: why`${num(r.solved.thicknessD)} × cord ${len(m.diameterMm)}. ${m.source}`,
      },
      innerGirth: {
        label: 'inner girth',
        value: innerMm,
        unit: 'mm',
        why: why`finished ${len(finishedMm)} − π × thickness ${len(m.thicknessMm)}: a thick band loses that much inside when it is bent round`,
      },
      slack: {
        label: 'slack',
        value: innerMm - design.wearer.girthMm,
        unit: 'mm',
        why: why`inner girth ${len(innerMm)} − ${r.product.girth.name} ${len(design.wearer.girthMm)}`,
      },
      hardware: {
        label: 'buckle',
        value: hardware,
        unit: 'mm',
        why:
          design.closure.lengthMm === undefined
            ? why`typical ${len(r.buckle.sizeMm)} side-release buckle, closed, cord bar to cord bar; type your own once you have measured it`
            : why`as you measured it, closed, cord bar to cord bar`,
      },
      jig: {
        label: 'jig',
        value: finishedMm,
        unit: 'mm',
        why: why`set the buckle halves on the jig so that the closed band would measure ${len(finishedMm)}`,
      },
      weight: {
        label: 'weight',
        value: weightG,
        unit: 'g',
        why: why`${len(usedMm)} of cord stay in the piece × ${num(cord.gramsPerMetre, 1)} g/m, without the buckle`,
      },
      total: { label: 'cord in all', value: totalMm, unit: 'mm', why: why`all cuts together` },
      ruleOfThumb: {
        label: 'rule of thumb',
        value: thumbMm,
        unit: 'mm',
        why: why`a foot of cord for each inch, as makers say of a Solomon bar, whatever the weave: woven ${len(wovenMm)} × 12 = ${len(thumbMm)}; this plan cuts ${len(totalMm)}`,
      },
    },
  });
}
