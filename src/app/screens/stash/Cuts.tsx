import { useEffect, useState } from 'react';
import { createPortal } from 'react-dom';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import type { CuttingResult } from '../../../core/cutting/plan.ts';
import type { Stash } from '../../../core/stash/ledger.ts';
import type { StashView } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { AtTheTable } from './cuts/AtTheTable.tsx';
import { ChooseDesigns } from './cuts/ChooseDesigns.tsx';
import { CutBarRow } from './cuts/CutBarRow.tsx';
import { CutVerdict } from './cuts/CutVerdict.tsx';
import { plansOf } from './cuts/words.ts';
import { cutsOf } from './job.ts';
import { groupName } from './names.ts';
import { Ruler } from './Ruler.tsx';
import { useCutting } from './useCutting.ts';

interface Props {
  readonly view: StashView;
  readonly stash: Stash;
  /** Room for the bars, in px. */
  readonly widthPx: number;
}

/** Which piece is cut from which hank: planned as a whole, then made one cut at a time. */
export function Cuts({ view, stash, widthPx }: Props) {
  const cutting = useCutting(view, stash);
  const { job } = cutting;
  const longest = Math.max(
    1000,
    ...(job ? plansOf(job) : []).flatMap(({ group, plan }) =>
      plan.bars.map(
        (b) => [...group.problem.bars, ...group.problem.packs].find((x) => x.id === b.id)!.lengthMm,
      ),
    ),
  );
  const pxPerMm = Math.max(0.02, widthPx / longest);
  if (cutting.progress !== undefined)
    return (
      <div className="flex items-center gap-3 py-6">
        <p role="status">Looking for the plan that buys and wastes least…</p>
        <progress value={cutting.progress} max={1} aria-label="How far it is" className="w-48 accent-amber" />
        <Button onClick={cutting.stop} className="text-ink">
          Stop
        </Button>
      </div>
    );
  if (!job) return <ChooseDesigns cutting={cutting} />;
  const cuts = cutsOf(job);
  // What is on the shelf is cut first; what is to be bought waits.
  const open = cuts.filter((c) => !job.done.includes(c.id));
  const next = open.find((c) => stash.has(c.lotId)) ?? open[0];
  return (
    <div className="flex flex-col gap-3">
      <CutVerdict job={job} />
      <Ruler widthPx={widthPx} pxPerMm={pxPerMm} />
      {job.groups.map((g) => {
        const result = job.results[g.key];
        const look = findColour(g.colour) ?? PALETTE[0]!;
        return (
          <section key={g.key} aria-label={groupName(g.cord, g.colour)}>
            <p className="mb-0.5 flex items-center gap-2 text-[14px]">
              <Swatch colour={look} letter="" />
              <span className="font-semibold">{groupName(g.cord, g.colour)}</span>
            </p>
            {result?.ok ? (
              result.plan.bars.map((bar) => (
                <CutBarRow
                  key={`${bar.id}${bar.bought}`}
                  bar={bar}
                  group={g}
                  job={job}
                  stash={stash}
                  pxPerMm={pxPerMm}
                  next={next}
                />
              ))
            ) : (
              <Short result={result} />
            )}
          </section>
        );
      })}
      <Portal>
        <AtTheTable cutting={cutting} job={job} next={next} left={open.length} stash={stash} view={view} />
      </Portal>
    </div>
  );
}

function Portal({ children }: { readonly children: React.ReactNode }) {
  const [target, setTarget] = useState<HTMLElement | null>(null);
  useEffect(() => setTarget(document.getElementById('stash-card')), []);
  return target ? createPortal(children, target) : null;
}

function Short({ result }: { readonly result: CuttingResult | undefined }) {
  const show = useLength();
  if (!result || result.ok) return null;
  const { pieces, missingMm } = result.short;
  return (
    <p className="rounded-lg bg-bad-pale px-3 py-2 text-bad" role="alert">
      {pieces.length > 0
        ? `No hank in hand or to buy is long enough for ${pieces[0]!.label}, ${show(pieces[0]!.lengthMm, { kind: 'cut' })}.`
        : `${show(missingMm, { kind: 'cut' })} are missing.`}
    </p>
  );
}
