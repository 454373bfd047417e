import { alternates, signSide } from '../../../core/steps/reach/lostCount.ts';
import { SIDE_NAMES } from '../../../core/steps/rows/moves.ts';
import { useHere } from './TieContext.tsx';

/** Row, rows to go, the side that comes next and how it can be seen on the work. */
export function Counter() {
  const { step, guide, pass } = useHere();
  const at = step.at!;
  const tying = guide.tying[pass];
  if (!tying) return null;
  const side = tying.row(at.row - 1).from;
  const ask = { tying, tells: guide.tells };
  const sign =
    at.row > 1 && alternates(ask)
      ? `${guide.tells!.sign} is on the ${SIDE_NAMES[signSide(ask, at.row - 1)]}`
      : undefined;
  const doesTurn = tying.row(0).from !== tying.row(1).from;
  return (
    <section aria-label="Count" className="flex flex-wrap items-end gap-x-6 gap-y-1">
      <p className="leading-none">
        <span className="figure font-bold text-[min(4.5rem,22vw)]" data-testid="row-number">
          {at.row}
        </span>{' '}
        <span className="text-[min(1.5rem,7vw)] text-ink-soft">
          of {at.of}, <span data-testid="rows-to-go">{at.of - at.row + 1}</span> to go
        </span>
      </p>
      {!guide.isSideless && (tying.row(0).ends > 1 || doesTurn) ? (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <span
            className="shrink-0 whitespace-nowrap rounded-lg bg-amber px-4 py-1 font-bold text-[min(1.9rem,9vw)] text-[#1b211f] uppercase"
            data-testid="next-side"
          >
            {side === 'left' && <span aria-hidden>← </span>}
            <span className="sr-only">next from the </span>
            {SIDE_NAMES[side]}
            {side === 'right' && <span aria-hidden> →</span>}
          </span>
          <span className="sr-only">; </span>
          <span className="text-[min(1.25rem,6vw)] text-ink-soft leading-tight">
            {sign ?? 'starts; keep to it'}
          </span>
        </p>
      ) : null}
    </section>
  );
}
