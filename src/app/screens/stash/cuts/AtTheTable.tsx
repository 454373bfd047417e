import { useEffect, useState } from 'react';
import { cordName } from '../../../../core/colour/cordName.ts';
import { findColour, PALETTE } from '../../../../core/colour/palette.ts';
import type { Stash } from '../../../../core/stash/ledger.ts';
import type { StashView } from '../../../state/stash.ts';
import { Button } from '../../../ui/Button.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { Select } from '../../../ui/Select.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useLength } from '../../../ui/units.tsx';
import { cutsToMeasure, type Job, type NextCut, toBuy } from '../job.ts';
import { lotName } from '../names.ts';
import type { Cutting } from '../useCutting.ts';
import { HowSure } from './HowSure.tsx';
import { WhyNoLess } from './WhyNoLess.tsx';
import { listed } from './words.ts';

interface CardProps {
  readonly cutting: Cutting;
  readonly job: Job;
  readonly next: NextCut | undefined;
  /** Cuts that are not made yet. */
  readonly left: number;
  readonly stash: Stash;
  readonly view: StashView;
}

/** At the table: the next cut in large type, what must be bought first, and why no plan buys less. */
export function AtTheTable({ cutting, job, next, left, stash, view }: CardProps) {
  const show = useLength();
  const buying = toBuy(job);
  const [isOther, setOther] = useState(false);
  const holding = next && stash.get(next.lotId);
  const lastFew = next && cutsToMeasure(job, next, stash);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.key !== ' ' || e.defaultPrevented || target.closest?.('button,a,input,textarea,select')) return;
      if (!next || !holding) return;
      e.preventDefault();
      // A key held down is one cut.
      if (e.repeat) return;
      void cutting.cut(next);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [cutting, next, holding]);
  return (
    <aside
      aria-label="At the table"
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4"
    >
      <h2 className="flex items-baseline justify-between font-bold font-title text-xl">
        At the table now
        {next && (
          <span className="font-normal font-sans text-[15px] text-ink-soft">
            cut {job.done.length + 1} of {job.done.length + left}
          </span>
        )}
      </h2>
      {buying.length > 0 && (
        <div className="rounded-lg bg-amber-pale px-3 py-2 text-amber-ink">
          <p>To buy: {listed(buying.map((b) => `${b.label} of ${cordName(b)}`))}.</p>
          <Button className="mt-1 text-ink" onClick={() => cutting.buy()}>
            It is here: put it on the shelf
          </Button>
        </div>
      )}
      {/* Read aloud whenever another cut comes: the hands are at the table. */}
      <div role="status" aria-atomic="true" className="flex flex-col gap-3">
        {next ? (
          <>
            <p className="flex items-center gap-2">
              <Swatch colour={findColour(next.group.colour) ?? PALETTE[0]!} letter="" />
              {holding ? (
                <span>
                  {holding.lot.place && `${holding.lot.place} · `}
                  <strong>{lotName(holding)}</strong>, {show(holding.amount, { kind: 'cut' })}
                </span>
              ) : (
                <span>a hank that is to be bought first</span>
              )}
            </p>
            <p className="flex items-baseline gap-3">
              <span className="figure whitespace-nowrap font-bold text-4xl" data-testid="next-cut">
                {show(next.lengthMm, { kind: 'cut', rounding: 'up' })}
              </span>
              <span className="text-lg">for {next.label}</span>
            </p>
          </>
        ) : (
          <p className="font-semibold text-good">Everything is cut.</p>
        )}
      </div>
      {next && (
        <>
          <Problem>{cutting.problem}</Problem>
          <Button
            look="next"
            className="py-3"
            disabled={!holding}
            onClick={() => cutting.cut(next)}
            aria-keyshortcuts="Space"
          >
            <span className="text-2xl">Cut it</span> Space
          </Button>
          {lastFew !== undefined && !isOther && (
            <p className="rounded-lg bg-amber-pale px-3 py-2 text-amber-ink" data-testid="measure-first">
              {lastFew === 1 ? 'This is the last cut' : 'These are the last two cuts'} of a hank that nobody
              has measured. Measure what is left of it before you cut.
            </p>
          )}
          {holding &&
            (isOther ? (
              <Other
                amount={holding.amount}
                onMeasured={async (mm) => {
                  await view.write([{ what: 'measure', lotId: holding.lot.id, amount: mm, known: 'tape' }]);
                  setOther(false);
                }}
              />
            ) : (
              <Button onClick={() => setOther(true)}>
                {lastFew ? 'Type what it measures…' : 'It measured differently…'}
              </Button>
            ))}
          <PinIt cutting={cutting} job={job} next={next} stash={stash} />
          <Button look="quiet" onClick={cutting.again}>
            Plan the rest again
          </Button>
        </>
      )}
      <HowSure job={job} stash={stash} />
      <WhyNoLess job={job} />
      <Button look="quiet" onClick={() => cutting.close()}>
        Put this plan away
      </Button>
      <p className="rounded bg-amber-pale px-2.5 py-1 text-[14px] text-amber-ink leading-snug">
        Cut away from your hand; seal each end before the next cut, the flame away from you.
      </p>
    </aside>
  );
}

/** Another hank for the next cut: it is kept there, and the rest is planned round it. */
function PinIt({
  cutting,
  job,
  next,
  stash,
}: Pick<CardProps, 'cutting' | 'job' | 'stash'> & { readonly next: NextCut }) {
  const show = useLength();
  const pinned = job.pins?.[next.id];
  const others = next.group.problem.bars.flatMap((b) => {
    const holding = stash.get(b.id);
    return holding && b.id !== next.lotId && holding.amount - b.reserveMm >= next.lengthMm ? [holding] : [];
  });
  if (pinned !== undefined)
    return (
      <Button look="quiet" onClick={() => cutting.pin(next.id, undefined)}>
        Pinned to this hank: let it go, and plan again
      </Button>
    );
  if (others.length === 0) return null;
  return (
    <Select
      label="Cut it elsewhere"
      value=""
      opens="up"
      choices={[
        { value: '', name: 'Cut it elsewhere…' },
        ...others.map((h) => ({
          value: h.lot.id,
          name: `${lotName(h)}, ${show(h.amount, { kind: 'cut' })}${h.lot.place ? `, ${h.lot.place}` : ''}`,
        })),
      ]}
      onChange={(id) => id && cutting.pin(next.id, id)}
    />
  );
}

function Other({
  amount,
  onMeasured,
}: {
  readonly amount: number;
  readonly onMeasured: (mm: number) => void;
}) {
  const [mm, setMm] = useState(amount);
  return (
    <div className="flex flex-col gap-2">
      <LengthField
        label="What is left of this hank, by tape"
        valueMm={mm}
        leastMm={0}
        mostMm={1_000_000}
        onChange={setMm}
      />
      <Button className="self-start" onClick={() => onMeasured(mm)}>
        Keep that; then plan the rest again
      </Button>
    </div>
  );
}
