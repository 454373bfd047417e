import { findColour, PALETTE } from '../../../../core/colour/palette.ts';
import type { CutGroup } from '../../../../core/cutting/demands.ts';
import type { CutBar } from '../../../../core/cutting/plan.ts';
import type { Stash } from '../../../../core/stash/ledger.ts';
import { plural } from '../../../../core/words.ts';
import { useLength } from '../../../ui/units.tsx';
import { BarRow, type Stretch } from '../BarRow.tsx';
import { boughtKey, type Job, type NextCut } from '../job.ts';
import { lotName } from '../names.ts';
import { NAMES_PX } from '../Shelf.tsx';

interface BarProps {
  readonly bar: CutBar;
  readonly group: CutGroup;
  readonly job: Job;
  readonly stash: Stash;
  readonly pxPerMm: number;
  readonly next: NextCut | undefined;
}

/** A hank of the plan with its cuts, to scale. */
export function CutBarRow({ bar, group, job, stash, pxPerMm, next }: BarProps) {
  const show = useLength();
  const look = findColour(group.colour) ?? PALETTE[0]!;
  const source =
    group.problem.bars.find((b) => b.id === bar.id) ?? group.problem.packs.find((p) => p.id === bar.id)!;
  /** Of what is bought, the lot that it became. */
  const lot = bar.bought > 0 ? job.bought[boughtKey(group.key, bar.id, bar.bought)] : bar.id;
  const holding = lot === undefined ? undefined : stash.get(lot);
  const stretches: Stretch[] = [];
  let at = 0;
  for (const p of bar.pieces) {
    const isDone = job.done.includes(p.id);
    stretches.push({
      fromMm: at,
      toMm: at + p.lengthMm,
      kind: isDone ? 'done' : 'cut',
      label: isDone ? '✓' : p.label,
      figure: `${show(p.lengthMm, { kind: 'cut' })}${job.pins?.[p.id] === bar.id ? ', pinned' : ''}`,
      isNext: p.id === next?.id,
    });
    at += p.lengthMm + group.problem.kerfMm;
  }
  if (bar.restMm > 0)
    stretches.push({
      fromMm: at,
      toMm: at + bar.restMm,
      kind: bar.isKept ? 'keep' : 'waste',
      label: bar.isKept ? `keep ${show(bar.restMm, { kind: 'cut' })}` : '',
      ...(bar.isKept ? {} : { figure: `${show(bar.restMm, { kind: 'cut' })} waste` }),
    });
  if (source.reserveMm > 0)
    stretches.push({
      fromMm: at + bar.restMm,
      toMm: at + bar.restMm + source.reserveMm,
      kind: 'unsure',
      label: '',
      figure: `± ${show(source.reserveMm, { kind: 'cut' })}`,
    });
  return (
    <div className="flex items-center">
      <span className="shrink-0 pl-8 text-[13px] leading-tight" style={{ width: NAMES_PX }}>
        <span className="block">
          {holding ? lotName(holding) : `${source.label} hank`}
          {lot === undefined && (
            <span className="ml-1 rounded-full bg-white px-1.5 font-semibold text-mat-deep">buy</span>
          )}
        </span>
        <span className="figure text-white/75">{show(source.lengthMm, { kind: 'cut' })}</span>
      </span>
      <BarRow
        look={look}
        stretches={stretches}
        pxPerMm={pxPerMm}
        label={`${bar.pieces.length} ${plural(bar.pieces.length, 'cut')}: ${bar.pieces.map((p) => `${p.label} ${show(p.lengthMm, { kind: 'cut' })}`).join(', ')}; ${show(bar.restMm, { kind: 'cut' })} ${bar.isKept ? 'kept' : 'waste'}`}
      />
    </div>
  );
}
