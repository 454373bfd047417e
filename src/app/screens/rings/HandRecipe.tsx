import { type HandMove, handRecipe, moveWords } from '../../../core/rings/hand.ts';
import { Disclosed } from '../../ui/Disclosed.tsx';
import { useRing } from './RingContext.tsx';

const PLACE = [0, 14, 28, 42] as const;
const LAP = ['', '#dcebe5', '#e3a31b', '#7fb4d8'] as const;

/** Three leads round the hand: two coils, and a working end that is woven across them between swaps. */
export function HandRecipe() {
  const { plan, ring } = useRing();
  if (plan.shape.leads !== 3 || plan.shape.coding.n !== 1 || plan.ring.passes > 1) return null;
  const recipe = handRecipe(plan.shape.bights);
  if (!recipe) return null;
  const isMirrored = recipe.first !== ring.first;
  let order: readonly number[] = plan.shape.bights % 3 === 2 ? [1, 3, 2] : [1, 2, 3];
  return (
    <Disclosed
      className="mt-3"
      label="On the hand: two coils, swaps and weaves"
      labelClass="font-semibold underline decoration-dotted"
    >
      <p className="mt-2 text-[15px]">
        Lay two turns round the hand, lap 2 on the right of lap 1 and on top; the working end is lap 3.{' '}
        {recipe.swaps} swaps, {recipe.weaves} weaves.
        {isMirrored &&
          ' Over and under are the other way round in the mirror image: read “over” for “under”.'}{' '}
        Each swap, weave, swap, weave adds three bights.
      </p>
      <ol className="mt-2 flex flex-col gap-1.5">
        {recipe.moves.map((move, i) => {
          const before = order;
          order = move.order;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: moves are in their order
            <li key={i} className="flex items-center gap-3">
              <MovePicture move={move} before={before} />
              <span>{moveWords(move)}</span>
            </li>
          );
        })}
      </ol>
    </Disclosed>
  );
}

/** Three laps from below to above, drawn with what this move crosses; the upper one of two is drawn last. */
function MovePicture({ move, before }: { readonly move: HandMove; readonly before: readonly number[] }) {
  const path = (lap: number) => {
    const [a, b] = [PLACE[before.indexOf(lap) + 1]!, PLACE[move.order.indexOf(lap) + 1]!];
    return `M${a} 46V38C${a} 26 ${b} 26 ${b} 12V2`;
  };
  // Laps on top are drawn after those that they cross.
  const overs = (lap: number) =>
    move.crossings.filter((c) => c.over === lap).length -
    move.crossings.filter((c) => c.under === lap).length;
  const laps = [1, 2, 3].sort((a, b) => overs(a) - overs(b));
  return (
    <svg viewBox="4 0 50 48" className="h-12 w-13 shrink-0 rounded bg-mat" aria-hidden="true">
      {laps.map((lap) => (
        <g key={lap} fill="none" strokeLinecap="round">
          <path d={path(lap)} stroke="#0c2b25" strokeWidth="9" />
          <path d={path(lap)} stroke={LAP[lap]} strokeWidth="6" />
        </g>
      ))}
    </svg>
  );
}
