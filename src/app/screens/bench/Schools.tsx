import { type Ease, sameEase } from '../../../core/fit/schools.ts';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { useBench, usePlan } from './BenchContext.tsx';

/** The ways of fitting side by side for this body, as bars to one scale; pressing one chooses it. */
export function Schools() {
  const { dispatch } = useBench();
  const view = usePlan();
  const show = useLength();
  if (!view) return null;
  const { plan, planned } = view;
  const most = Math.max(...plan.schools.map((s) => s.finishedMm));
  const bend = plan.metrics.thicknessMm * Math.PI;
  return (
    <section aria-label="Ways of fitting" className="min-w-0">
      <p className="text-ink-soft text-sm">Finished length by each way of fitting; the mark is skin-tight.</p>
      <ol className="mt-2 grid gap-1.5">
        {plan.schools.map((school) => {
          const chosen = sameEase(school.ease, planned.ease);
          const touch = ((planned.wearer.girthMm + bend) / most) * 100;
          return (
            <li
              key={school.label}
              className="grid grid-cols-[6rem_1fr_5.5rem] items-center gap-2 md:grid-cols-[7.5rem_1fr_6rem] md:gap-3"
            >
              <button
                type="button"
                aria-pressed={chosen}
                onClick={() => dispatch({ type: 'ease', ease: school.ease as Ease })}
                className="rounded px-2 py-0.5 text-left hover:bg-rule/60 aria-pressed:bg-amber-pale aria-pressed:font-semibold"
              >
                {school.label}
              </button>
              <span className="relative h-4 rounded-sm bg-rule/60">
                <span
                  className={`block h-full rounded-sm ${chosen ? 'bg-mat' : 'bg-ink-soft/55'}`}
                  style={{ width: `${(school.finishedMm / most) * 100}%` }}
                />
                <span className="absolute -inset-y-0.5 w-0.5 bg-amber-ink" style={{ left: `${touch}%` }} />
              </span>
              <WhyNumber
                className="text-right"
                label={`Finished length, ${school.label}`}
                value={show(school.finishedMm)}
                why={school.why}
              />
            </li>
          );
        })}
      </ol>
    </section>
  );
}
