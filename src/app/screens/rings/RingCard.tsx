import { Download, Printer, Sprout } from 'lucide-react';
import { useState } from 'react';
import type { RingPatch } from '../../../core/rings/planned.ts';
import type { Why } from '../../../core/why/why.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckList, PassedChecks } from '../../ui/CheckList.tsx';
import { chanceText } from '../../ui/chance.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { GrowSheet } from './GrowSheet.tsx';
import { useRing } from './RingContext.tsx';
import { RingExports } from './RingExports.tsx';
import { RoundPicture } from './RoundPicture.tsx';
import { TightRing } from './TightRing.tsx';

/** What to cut and how the ring comes out: the card beside the map. */
export function RingCard({ onTie }: { readonly onTie: () => void }) {
  const { plan, laid, bench } = useRing();
  const show = useLength();
  const [open, setOpen] = useState<'grow' | 'export'>();
  const failed = plan.checks.filter((c) => !c.ok);
  const notes = plan.checks.filter((c) => c.ok && c.isNote);
  const passed = plan.checks.filter((c) => c.ok && !c.isNote);
  const [thin, thick] = plan.thicknessMm;
  const fix = (patch: RingPatch) => bench.dispatch({ type: 'set', patch });
  return (
    <aside
      aria-label="The card"
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4 shadow-sm"
    >
      <h2 className="font-bold font-title text-xl">
        Cut{' '}
        <span className="font-normal font-sans text-[15px] text-ink-soft">
          about {chanceText(plan.chance)} sure to reach
        </span>
      </h2>
      <ul className="-mt-1 divide-y divide-rule">
        {plan.cords.map((c) => (
          <li key={`${c.cord}-${c.strand}`} className="flex items-center gap-2 py-1.5">
            <Swatch colour={c.colour} letter={c.letter} isSpoken />
            <span className="grow">
              {c.colour.name}{' '}
              <span className="text-ink-soft text-sm">
                {c.strand > 0 ? `cord ${c.strand}` : c.passes > 1 ? `${c.passes} passes` : ''}
              </span>
            </span>
            <WhyNumber
              label={`Cut of ${c.colour.name}`}
              value={show(c.cutMm, { kind: 'cut', rounding: 'up' })}
              why={c.why}
              className="font-semibold text-lg"
              testId={`ring-cut-${c.letter}${c.strand || ''}`}
            />
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-[1fr_auto] gap-3">
        <RoundPicture />
        <dl className="grid grid-cols-[auto_auto] content-start gap-x-3 gap-y-0.5 text-[15px]">
          <Line name="width" value={show(plan.widthMm)} why={plan.whys.width} />
          <dt>thick</dt>
          <dd className="figure text-right font-semibold">
            {thick > thin + 0.05 && `${show(thin, { kind: 'small' })} – `}
            {show(thick, { kind: 'small' })}
          </dd>
          <Line name="open" value={`${Math.round(plan.openShare * 100)} %`} why={plan.whys.open} />
          <Line name="inside" value={show(plan.ring.girth)} why={plan.whys.girth} />
          <Line
            name="bights"
            value={`${show(plan.pitchMm, { kind: 'small' })} apart`}
            why={plan.whys.pitch}
          />
          <Line name="time" value={hours(plan.minutes)} why={plan.minutesWhy} />
        </dl>
      </div>
      <CheckList label="Look at this first" checks={failed} onFix={fix} />
      <CheckList label="Worth knowing" checks={notes} onFix={fix} />
      <PassedChecks checks={passed} onFix={fix} />
      {plan.product.cautions.length > 0 && (
        <p className="rounded bg-amber-pale px-2.5 py-1 text-[14px] text-amber-ink leading-snug">
          {plan.product.cautions.join(' ')}
        </p>
      )}
      <TightRing />
      <button
        type="button"
        className="rounded-md bg-mat px-3 py-2 font-semibold text-lg text-white hover:bg-mat-deep disabled:opacity-50"
        onClick={onTie}
        disabled={failed.length > 0}
      >
        {laid === 0 ? 'Start tying' : laid >= plan.lays.length ? 'See the finished ring' : 'Go on tying'}
      </button>
      {failed.length > 0 && (
        <p className="text-ink-soft text-sm">Put right what fails first; then it can be tied.</p>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print map 1:1
        </Button>
        <Button onClick={() => setOpen('export')}>
          <Download size={18} aria-hidden /> Export
        </Button>
        <Button className="col-span-2" onClick={() => setOpen('grow')}>
          <Sprout size={18} aria-hidden /> Grow it, or begin smaller
        </Button>
      </div>
      {open === 'grow' && <GrowSheet onClose={() => setOpen(undefined)} />}
      {open === 'export' && <RingExports onClose={() => setOpen(undefined)} />}
    </aside>
  );
}

const hours = (minutes: number): string =>
  minutes < 60
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;

function Line({ name, value, why }: { name: string; value: string; why: Why }) {
  return (
    <>
      <dt>{name}</dt>
      <dd className="text-right">
        <WhyNumber label={name} value={value} why={why} className="font-semibold" testId={`ring-${name}`} />
      </dd>
    </>
  );
}
