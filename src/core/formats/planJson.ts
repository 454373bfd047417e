import type { Plan } from '../plan/types.ts';
import { whyText } from '../why/why.ts';
import { sequenceRows, spliceRows } from './sequence.ts';

const mm = (value: number): number => Number(value.toFixed(2));

/** The plan as published JSON: lengths in mm to 0.01, every working as a sentence. Long because it is the document as it stands in the file. */
export function planJson(plan: Plan) {
  const ring = plan.bands[0]!.addons.find((a) => a.index < 0);
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
    minutes: mm(plan.figures.minutes.value),
    closure: {
      id: plan.closed.id,
      closedInnerMm: mm(plan.closed.closedMm),
      openInnerMm: plan.closed.openMm === undefined ? null : mm(plan.closed.openMm),
      endsApartMm: mm(plan.closed.gapMm),
      danglesMm: mm(plan.closed.danglesMm),
      difficulty: plan.closed.difficulty,
    },
    bands: plan.bands.map((b) => ({
      name: b.name,
      wovenLengthMm: mm(b.wovenMm),
      rows: b.rows,
      start: b.start.name,
      end: b.end.name,
      rowOneAt: b.firstRow,
      marks: b.marks.map((m) => ({
        label: m.label,
        atMm: mm(m.atMm),
        ...(m.toMm === undefined ? {} : { toMm: mm(m.toMm) }),
      })),
    })),
    ...(plan.sequence
      ? {
          sequence: {
            way: plan.sequence.way,
            stretches: sequenceRows(plan.sequence),
            splices: spliceRows(plan.sequence),
            ways: plan.sequence.ways.map((w) => ({
              way: w.way,
              ok: w.ok,
              ...(w.cordMm === undefined ? {} : { cordMm: mm(w.cordMm) }),
              words: whyText(w.words),
            })),
          },
        }
      : {}),
    addons: plan.bands.flatMap((b) =>
      b.addons.map((a) => ({
        kind: a.kind,
        name: a.name,
        atMm: mm(a.atMm),
        fromRow: a.fromRow,
        toRow: a.toRow,
      })),
    ),
    chance: plan.chance,
    measures: Object.fromEntries(
      Object.entries(plan.measures).map(([id, m]) => [
        id,
        { mm: mm(m.mm), rangeMm: m.range.map(mm), measured: m.isMeasured, why: whyText(m.why) },
      ]),
    ),
    ...(ring ? { ring: { atMm: ring.atMm, fromRow: ring.fromRow, toRow: ring.toRow } } : {}),
    cords: plan.cords.map((cord) => ({
      name: cord.name,
      letter: cord.letter,
      role: cord.role,
      cordType: cord.cordType,
      band: plan.bands[cord.band]!.name,
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
    checks: plan.checks.map((c) => ({
      id: c.id,
      ok: c.ok,
      message: whyText(c.message),
      ...(c.fix ? { fix: { label: whyText(c.fix.label), patch: c.fix.patch } } : {}),
    })),
    figures: Object.fromEntries(
      Object.entries(plan.figures).map(([id, f]) => [
        id,
        { value: mm(f.value), unit: f.unit, why: whyText(f.why) },
      ]),
    ),
    more: plan.more.map((f) => ({ label: f.label, value: mm(f.value), unit: f.unit, why: whyText(f.why) })),
    schools: plan.schools.map((s) => ({
      school: s.ease.school,
      label: s.label,
      finishedLengthMm: mm(s.finishedMm),
      why: whyText(s.why),
    })),
    cautions: plan.cautions,
  };
}
