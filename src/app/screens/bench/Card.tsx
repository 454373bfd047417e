import { Download, Printer } from 'lucide-react';
import { type ComponentProps, Suspense } from 'react';
import { FIBRE_MELTS, findCord } from '../../../core/cord/cords.ts';
import { adapt } from '../../../core/plan/adapt.ts';
import type { DesignPatch } from '../../../core/plan/check.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { Button } from '../../ui/Button.tsx';
import { CheckList, PassedChecks } from '../../ui/CheckList.tsx';
import { FigureLine } from '../../ui/FigureLine.tsx';
import { lazily } from '../../ui/lazily.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { useSeen } from '../../ui/useSeen.ts';
import { useBench, usePlan } from './BenchContext.tsx';
import { LessSpare } from './LessSpare.tsx';
import { StartTying } from './StartTying.tsx';
import { MarginWord } from './words/marginWords.tsx';

const OrderOnBar = lazily(() => import('./OrderOnBar.tsx'));

/** The steps of tying, which tell how the work hangs, are fetched after the cuts stand there. */
function OrderWhenSeen(shown: ComponentProps<typeof OrderOnBar>) {
  const [place, isSeen] = useSeen<HTMLDivElement>();
  return (
    <div ref={place}>
      {isSeen && (
        <Suspense>
          <OrderOnBar {...shown} />
        </Suspense>
      )}
    </div>
  );
}

interface Props {
  readonly onExport: () => void;
}

/** What to cut, how it fits, what it weighs: the card that lies beside the work. */
export function Card({ onExport }: Props) {
  const view = usePlan();
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const show = useLength();
  if (!view) return null;
  const fix = (patch: DesignPatch) => dispatch({ type: 'become', design: adapt(design, patch, know) });
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
      <div className="flex flex-wrap items-baseline gap-x-1.5">
        <h2 className="font-bold font-title text-xl">Cut</h2>
        <span className="text-[15px]" data-testid="cut-chance">
          <MarginWord />
        </span>
      </div>
      <ul className="-mt-1 divide-y divide-rule">
        {plan.cords.map((c) => (
          <li key={c.letter} className="flex items-center gap-2 py-1.5">
            <Swatch colour={c.look} letter={c.letter} isSpoken />
            <span className="grow">{c.name}</span>
            <span className="figure font-semibold" data-testid={`card-cut-${c.letter}`}>
              {show(c.cutLengthMm, { kind: 'cut', rounding: 'up' })}
            </span>
          </li>
        ))}
      </ul>
      <StartTying />
      <CheckList label="Look at this first" checks={failed} onFix={fix} />
      <LessSpare />
      <p className="rounded bg-amber-pale px-2.5 py-1 text-[14px] text-amber-ink leading-snug">
        Cut away from your hand.{' '}
        {melts
          ? 'Seal ends with the flame away from you, in moving air; molten cord sticks and burns: wait.'
          : 'This fibre doesn’t melt: whip, stitch or glue the ends.'}
      </p>
      {plan.cords.filter((c) => !c.isExtra).length > 1 && <OrderWhenSeen plan={plan} planned={planned} />}
      <CheckList label="Worth knowing" checks={notes} onFix={fix} />
      <PassedChecks checks={passed} onFix={fix} />
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
