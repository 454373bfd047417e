import { ChevronDown, CircleAlert, CircleCheck, Download, Info, Printer } from 'lucide-react';
import { Suspense } from 'react';
import { FIBRE_MELTS, findCord } from '../../../core/cord/cords.ts';
import { adapt } from '../../../core/plan/adapt.ts';
import type { Check } from '../../../core/plan/check.ts';
import { plural } from '../../../core/words.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { Button } from '../../ui/Button.tsx';
import { Disclosed } from '../../ui/Disclosed.tsx';
import { FigureLine } from '../../ui/FigureLine.tsx';
import { lazily } from '../../ui/lazily.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { useBench, usePlan } from './BenchContext.tsx';
import { LessSpare } from './LessSpare.tsx';
import { StartTying } from './StartTying.tsx';
import { MarginWord } from './words/marginWords.tsx';

const BarOrder = lazily(() => import('../../ui/BarOrder.tsx'));

interface Props {
  readonly onExport: () => void;
}

/** What to cut, how it fits, what it weighs: the card that lies beside the work. */
export function Card({ onExport }: Props) {
  const view = usePlan();
  const show = useLength();
  if (!view) return null;
  const { plan, planned } = view;
  const failed = plan.checks.filter((c) => !c.ok);
  const notes = plan.checks.filter((c) => c.ok && c.isNote);
  const passed = plan.checks.filter((c) => c.ok && !c.isNote);
  const melts = FIBRE_MELTS[findCord(planned.cord)?.fibre ?? 'nylon'];
  return (
    <aside
      aria-label="The card"
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4 shadow-sm"
    >
      <h2 className="font-bold font-title text-xl">
        Cut{' '}
        <span className="font-normal font-sans text-[15px]" data-testid="cut-chance">
          <MarginWord />
        </span>
      </h2>
      <ul className="-mt-1 divide-y divide-rule">
        {plan.cords.map((c) => (
          <li key={c.letter} className="flex items-center gap-2 py-1.5">
            <Swatch colour={c.look} letter={c.letter} />
            <span className="grow">{c.name}</span>
            <span className="figure font-semibold" data-testid={`card-cut-${c.letter}`}>
              {show(c.cutLengthMm, { kind: 'cut', rounding: 'up' })}
            </span>
          </li>
        ))}
      </ul>
      <StartTying />
      {failed.length > 0 && (
        <ul aria-label="Look at this first" className="flex flex-col gap-1.5 text-[15px]">
          {failed.map((check) => (
            <CheckLine key={check.id} check={check} />
          ))}
        </ul>
      )}
      <LessSpare />
      <p className="rounded bg-amber-pale px-2.5 py-1 text-[14px] text-amber-ink leading-snug">
        Cut away from your hand.{' '}
        {melts
          ? 'Seal ends with the flame away from you, in moving air; molten cord sticks and burns: wait.'
          : 'This fibre doesn’t melt: whip, stitch or glue the ends.'}
      </p>
      {plan.cords.filter((c) => !c.isExtra).length > 1 && (
        <Suspense>
          <BarOrder plan={plan} planned={planned} />
        </Suspense>
      )}
      {notes.length > 0 && (
        <ul aria-label="Worth knowing" className="flex flex-col gap-1.5 text-[15px]">
          {notes.map((check) => (
            <CheckLine key={check.id} check={check} />
          ))}
        </ul>
      )}
      <Passed checks={passed} />
      <h2 className="font-bold font-title text-xl">Piece</h2>
      <dl className="-mt-1 grid grid-cols-[1fr_auto] gap-x-3 gap-y-1">
        <FigureLine figure={plan.figures.innerGirth} />
        <FigureLine figure={plan.figures.slack} />
        <FigureLine figure={plan.figures.width} kind="small" />
        <FigureLine figure={plan.figures.thickness} kind="small" />
        <FigureLine figure={plan.figures.rowHeight} kind="small" />
        <FigureLine figure={plan.figures.hardware} kind="small" />
        {plan.more.map((f) => (
          <FigureLine key={f.label} figure={f} kind={f.value < 100 ? 'small' : 'body'} />
        ))}
        <FigureLine figure={plan.figures.jig} />
        <FigureLine figure={plan.figures.minutes} />
        <FigureLine figure={plan.figures.weight} />
      </dl>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <Button onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print card
        </Button>
        <Button onClick={onExport} data-do="export">
          <Download size={18} aria-hidden /> Export
        </Button>
      </div>
    </aside>
  );
}

/** What is all right says so in one line, and why when asked. */
function Passed({ checks }: { readonly checks: readonly Check[] }) {
  if (checks.length === 0) return null;
  return (
    <Disclosed
      labelClass="group flex items-center gap-2 rounded px-1 text-left hover:bg-rule/60"
      label={
        <>
          <CircleCheck className="shrink-0 text-good" size={18} aria-hidden />
          <span className="font-semibold">
            {checks.length} {plural(checks.length, 'check')} passed
          </span>
          <ChevronDown
            className="text-ink-soft transition-transform group-data-open:rotate-180"
            size={16}
            aria-hidden
          />
        </>
      }
    >
      <ul className="mt-1.5 flex flex-col gap-1.5 text-[15px]">
        {checks.map((check) => (
          <CheckLine key={check.id} check={check} />
        ))}
      </ul>
    </Disclosed>
  );
}

function CheckLine({ check }: { readonly check: Check }) {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  return (
    <li className="flex items-start gap-2" data-testid={`check-${check.id}`} data-ok={check.ok}>
      {check.isNote ? (
        <Info className="mt-0.5 shrink-0 text-ink-soft" size={18} aria-label="note" />
      ) : check.ok ? (
        <CircleCheck className="mt-0.5 shrink-0 text-good" size={18} aria-label="passes" />
      ) : (
        <CircleAlert className="mt-0.5 shrink-0 text-bad" size={18} aria-label="look at this" />
      )}
      <span className={check.ok ? '' : 'font-semibold text-bad'}>
        <WhyText why={check.message} />
        {check.fix && (
          <button
            type="button"
            className="mt-1 block rounded border border-amber bg-amber-pale px-2 py-0.5 text-left font-semibold text-amber-ink hover:bg-amber/30"
            onClick={() => dispatch({ type: 'become', design: adapt(design, check.fix!.patch, know) })}
          >
            <WhyText why={check.fix.label} />
          </button>
        )}
      </span>
    </li>
  );
}
