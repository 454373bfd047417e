import type { Plan } from '../plan/types.ts';
import { whyText } from '../why/why.ts';

const mm = (value: number): number => Number(value.toFixed(2));

/** The plan as published JSON: lengths in mm to 0.01, every working as a sentence. */
export function planJson(plan: Plan) {
  return {
    format: 'warp-beam/plan',
    version: 1,
    finishedLengthMm: mm(plan.finishedLengthMm),
    wovenLengthMm: mm(plan.wovenLengthMm),
    rows: plan.rows,
    rowHeightMm: mm(plan.metrics.rowHeightMm),
    widthMm: mm(plan.metrics.widthMm),
    thicknessMm: mm(plan.metrics.thicknessMm),
    innerGirthMm: mm(plan.figures.innerGirth.value),
    weightG: mm(plan.figures.weight.value),
    cords: plan.cords.map((cord) => ({
      name: cord.name,
      letter: cord.letter,
      role: cord.role,
      cutLengthMm: mm(cord.cutLengthMm),
      usedLengthMm: mm(cord.usedLengthMm),
      neededMm: cord.neededMm.map(mm),
      parts: cord.parts.map((p) => ({
        what: p.what,
        lengthMm: mm(p.lengthMm),
        why: whyText(p.why),
        ...(p.strand === undefined ? {} : { strand: p.strand }),
      })),
      marks: cord.marks.map((mark) => ({ what: mark.what, atMm: mm(mark.atMm), why: whyText(mark.why) })),
    })),
    checks: plan.checks.map((c) => ({ id: c.id, ok: c.ok, message: whyText(c.message) })),
    figures: Object.fromEntries(
      Object.entries(plan.figures).map(([id, f]) => [
        id,
        { value: mm(f.value), unit: f.unit, why: whyText(f.why) },
      ]),
    ),
    schools: plan.schools.map((s) => ({
      school: s.ease.school,
      label: s.label,
      finishedLengthMm: mm(s.finishedMm),
      why: whyText(s.why),
    })),
    cautions: plan.cautions,
  };
}
