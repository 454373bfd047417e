import { CHANCES } from '../../../core/plan/chance.ts';
import { plan as makePlan } from '../../../core/plan/plan.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { chanceText } from '../../ui/chance.ts';
import { Disclosed } from '../../ui/Disclosed.tsx';
import { useLength } from '../../ui/units.tsx';
import { useBench, usePlan } from './BenchContext.tsx';

const OFFERED = [CHANCES.thrifty, CHANCES.measured, CHANCES['never-short']];

/** What would less spare risk? The cuts at three chances side by side; worked out only once it is asked for. */
export function LessSpare() {
  return (
    <Disclosed label="What would less spare risk?" className="text-[15px]">
      <Compared />
    </Disclosed>
  );
}

function Compared() {
  const view = usePlan();
  const { dispatch } = useBench();
  const { know } = useWorkshop();
  const show = useLength();
  if (!view) return null;
  const { planned } = view;
  const { margin: _older, ...design } = planned;
  const rows = OFFERED.map((chance) => ({ chance, made: makePlan({ ...design, chance }, know) }));
  const most = rows.at(-1)!.made;
  const cut = (letter: string, i: number) => {
    const { made } = rows[i]!;
    return made.ok ? made.value.cords.find((c) => c.letter === letter)?.cutLengthMm : undefined;
  };
  return (
    <table className="mt-2 w-full text-left">
      <caption className="sr-only">Cuts by the chance that the cord is long enough</caption>
      <thead>
        <tr className="border-rule border-b text-ink-soft text-sm">
          <th scope="col" className="font-normal">
            cord
          </th>
          {rows.map(({ chance }) => (
            <th key={chance} scope="col" className="text-right font-normal">
              <button
                type="button"
                aria-pressed={view.plan.chance === chance}
                className="rounded px-1 underline decoration-dotted underline-offset-2 aria-pressed:bg-amber-pale aria-pressed:font-semibold aria-pressed:text-amber-ink"
                onClick={() => dispatch({ type: 'chance', chance })}
              >
                {chanceText(chance)}
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody className="figure">
        {view.plan.cords.map((c) => (
          <tr key={c.letter}>
            <th scope="row" className="font-normal">
              {c.letter}
            </th>
            {rows.map(({ chance }, i) => {
              const mm = cut(c.letter, i);
              return (
                <td key={chance} className="text-right">
                  {mm === undefined ? '' : show(mm, { kind: 'cut', rounding: 'up' })}
                </td>
              );
            })}
          </tr>
        ))}
        <tr className="border-rule border-t font-sans text-ink-soft text-sm">
          <th scope="row" className="font-normal">
            saves
          </th>
          {rows.map(({ chance, made }) => {
            const saved =
              made.ok && most.ok ? most.value.figures.total.value - made.value.figures.total.value : 0;
            return (
              <td key={chance} className="text-right">
                {saved > 1 ? show(saved, { kind: 'cut' }) : '–'}
              </td>
            );
          })}
        </tr>
      </tbody>
    </table>
  );
}
