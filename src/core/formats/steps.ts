import type { Guide } from '../steps/list/steps.ts';
import type { UnitSystem } from '../units/index.ts';
import { whyText } from '../why/why.ts';
import type { Design } from './design.ts';

/** The steps as plain text, one to a paragraph; rows that are tied alike are told once, by their numbers. */
export function stepsText(design: Design, guide: Guide, system: UnitSystem): string {
  const out: string[] = [`${design.name}: from the first cut to the last look`, ''];
  const told = new Map<string, number>();
  let phase = '';
  for (const step of guide.steps) {
    if (step.phase !== phase) {
      phase = step.phase;
      out.push(phase.toUpperCase(), '');
    }
    const lines = step.lines.map((l) => whyText(l, system));
    const isRow = step.picture?.kind === 'row';
    // Rows that are told alike may go the other way: crossing by crossing they differ.
    const crossings = (step.full ?? step.lines).map((l) => whyText(l, system));
    const key = `${step.at?.band} ${step.at?.pass} ${crossings.join(' ')}`;
    const before = isRow ? told.get(key) : undefined;
    if (before !== undefined) {
      out.push(`[ ] ${step.title}: as row ${before}`);
      continue;
    }
    if (isRow) told.set(key, step.at!.row);
    if (isRow && out.at(-1)?.startsWith('[ ]')) out.push('');
    out.push(`[ ] ${step.title}`, ...lines.map((l) => `    ${l}`));
    for (const [i, stage] of (step.stages ?? []).entries())
      out.push(`    ${i + 1}. ${whyText(stage, system)}`);
    if (step.look) out.push(`    Look: ${whyText(step.look, system)}`);
    for (const c of step.cautions ?? []) out.push(`    ! ${c.text}`);
    out.push('');
  }
  return `${out.join('\n').trimEnd()}\n`;
}

/** The steps as data: what a screen shows, in metric words, with their places. */
export const stepsJson = (design: Design, guide: Guide) => ({
  format: 'warp-beam/steps',
  version: 1,
  design: design.name,
  rows: guide.rows,
  steps: guide.steps.map((s) => ({
    id: s.id,
    phase: s.phase,
    title: s.title,
    lines: s.lines.map((l) => whyText(l)),
    ...(s.full ? { full: s.full.map((l) => whyText(l)) } : {}),
    ...(s.stages ? { stages: s.stages.map((l) => whyText(l)) } : {}),
    ...(s.look ? { look: whyText(s.look) } : {}),
    ...(s.at ? { band: s.at.band, pass: s.at.pass, row: s.at.row } : {}),
    ...(s.cautions ? { cautions: s.cautions.map((c) => c.text) } : {}),
  })),
});
