import { layRing, layWords } from '../rings/lays.ts';
import type { RingPlan } from '../rings/planned.ts';
import { lettersOf, runList, sequence } from '../rings/runList.ts';
import { bightName, codingName, type RingShape, strandsOf } from '../rings/types.ts';
import { formatLength, type UnitSystem } from '../units/index.ts';

/** A run list as data. `seq` is `free`, or like `O1 U1`: cords that are there already, equal neighbours counted together. */
export interface RunsJson {
  readonly format: 'warp-beam/ring-runs';
  readonly version: 1;
  readonly leads: number;
  readonly bights: number;
  readonly strands: number;
  readonly coding: string;
  readonly first: 'O' | 'U';
  readonly runs: readonly {
    readonly k: number;
    readonly strand: number;
    readonly from: string;
    readonly to: string;
    readonly seq: string;
  }[];
}

/** The run list of one pass. */
export const runsJson = (shape: RingShape): RunsJson => ({
  format: 'warp-beam/ring-runs',
  version: 1,
  leads: shape.leads,
  bights: shape.bights,
  strands: strandsOf(shape),
  coding: codingName(shape.coding),
  first: shape.first,
  runs: runList(shape).map((run) => ({
    k: run.k,
    strand: run.strand,
    from: bightName(run.from),
    to: bightName(run.to),
    seq: sequence(lettersOf(run.meets)),
  })),
});

/** Every half cycle of every pass as table rows. */
export const runRows = (plan: RingPlan): readonly Record<string, string | number>[] =>
  layRing(plan.shape, plan.design.lanes).map((lay) => ({
    step: lay.n,
    pass: lay.pass,
    k: lay.k,
    strand: lay.strand,
    cord: plan.cords.find((c) => c.cord === lay.cord)?.colour.name ?? '',
    from: bightName(lay.from),
    to: bightName(lay.to),
    seq: layWords(lay),
  }));

/** The run list as a maker keeps it beside the mandrel. Lines that begin with # are read over when it is checked. */
export function runsText(plan: RingPlan, system: UnitSystem): string {
  const { shape, design } = plan;
  const show = (mm: number) => formatLength(mm, { system });
  const lines = [
    `# ${design.name}`,
    `# ${shape.leads} leads × ${shape.bights} bights, ${codingName(shape.coding)}, first ${shape.first}`,
    `# inside ${show(plan.ring.girth)}, ${show(plan.widthMm)} wide, bights ${show(plan.pitchMm)} apart`,
    ...plan.cords.map(
      (c) =>
        `# cut ${c.letter} ${c.colour.name}${c.strand > 0 ? ` ${c.strand}` : ''} ${formatLength(c.cutMm, { system, kind: 'cut', rounding: 'up' })}`,
    ),
  ];
  const passes = Math.max(...plan.lays.map((l) => l.pass));
  for (let pass = 1; pass <= passes; pass++) {
    lines.push(`# pass ${pass}`);
    for (const lay of plan.lays.filter((l) => l.pass === pass)) {
      const text = `${String(lay.k).padStart(3)} ${bightName(lay.from)}→${bightName(lay.to)}`;
      lines.push(`${pass > 1 ? '# ' : ''}${text.padEnd(14)} ${layWords(lay)}`);
    }
  }
  return `${lines.join('\n')}\n`;
}
