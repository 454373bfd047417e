import { useDeferredValue, useMemo, useState } from 'react';
import { coloursOf } from '../../../core/rings/drawing/look.ts';
import { mapScene } from '../../../core/rings/drawing/map.ts';
import { type Cell, cellOf, explore, FIT_LETTER, type Fit } from '../../../core/rings/explorer.ts';
import { layRing } from '../../../core/rings/lays.ts';
import { leastPitch, mostBights } from '../../../core/rings/sizes.ts';
import { movedBy } from '../../ui/arrows.ts';
import { Button } from '../../ui/Button.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useLength } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

const LEADS = [3, 4, 5, 6, 7, 8, 9];
const MOST_COLUMNS = 17;

const TINT: Record<Fit, string> = {
  closed: 'bg-[#17653f] text-white',
  open: 'bg-[#bfe0cd] text-[#14352a]',
  crowded: 'bg-[#f3c9bb] text-[#6d1c0a]',
  wide: 'bg-rule text-ink-soft',
  full: 'bg-bad-pale text-bad',
};

const SAID: Record<Fit, string> = {
  closed: 'closed',
  open: 'open',
  crowded: 'tight',
  wide: 'only wider',
  full: 'can’t be tied',
};

/** Leads × bights at this girth, cord and width: what becomes of each ring. Pointing draws it; pressing chooses it. */
export function Explorer({ onFit }: { readonly onFit: () => void }) {
  const { plan, bench, ring } = useRing();
  const show = useLength();
  const { girth, d, passes } = plan.ring;
  const ask = useMemo(
    () => ({ girth, d, passes, coding: plan.shape.coding, width: plan.widthMm }),
    [girth, d, passes, plan.shape.coding, plan.widthMm],
  );
  const start = Math.max(2, Math.min(4, plan.shape.bights - 2), plan.shape.bights - MOST_COLUMNS + 5);
  const bights = useMemo(() => Array.from({ length: MOST_COLUMNS }, (_, i) => start + i), [start]);
  const leads = LEADS.includes(plan.shape.leads) ? LEADS : [...LEADS.slice(1), plan.shape.leads];
  // biome-ignore lint/correctness/useExhaustiveDependencies: the list of leads follows from the ring's own
  const grid = useMemo(() => explore(ask, leads, bights), [ask, bights, leads.join()]);
  const [pointed, setPointed] = useState<readonly [number, number]>();
  const at = pointed ?? [plan.shape.leads, plan.shape.bights];
  const cell = cellOf(ask, at[0], at[1]);
  const full = mostBights(girth, passes, d);
  const choose = (c: Cell) =>
    bench.dispatch({ type: 'set', patch: { leads: c.leads, bights: c.bights, coding: fitting(c) } });
  const fitting = (c: Cell) =>
    plan.shape.coding.by === 'col' && c.bights % plan.shape.coding.n !== 0 ? 'row1' : ring.coding;
  return (
    <section aria-label="Other rings" className="flex min-w-0 flex-col gap-2">
      <h2 className="flex flex-wrap items-baseline gap-x-2 font-bold font-title text-xl">
        Other rings
        <span className="grow" />
        <Button className="font-sans" onClick={onFit}>
          Which rings fit?
        </Button>
      </h2>
      <div className="overflow-x-auto">
        <table
          className="figure w-full border-separate border-spacing-[2px] text-[12px]"
          onPointerLeave={() => setPointed(undefined)}
        >
          <caption className="sr-only">
            Rings by leads and bights: what becomes of each at this girth and width
          </caption>
          <thead>
            <tr>
              <th scope="col" className="text-right font-normal text-ink-soft">
                leads
              </th>
              <td colSpan={bights.length} />
            </tr>
          </thead>
          <tbody>
            {grid.map((row, r) => (
              <tr key={row[0]!.leads}>
                <th scope="row" className="pr-1 text-right font-normal text-ink-soft">
                  {row[0]!.leads}
                </th>
                {row.map((c, i) => {
                  const isHere = c.leads === plan.shape.leads && c.bights === plan.shape.bights;
                  return (
                    <td key={c.bights} className="p-0">
                      <button
                        type="button"
                        data-cell={`${r},${i}`}
                        tabIndex={isHere ? 0 : -1}
                        aria-pressed={isHere}
                        aria-label={`${c.leads} leads × ${c.bights} bights: ${SAID[c.fit]}, ${c.strands === 1 ? 'one cord' : `${c.strands} cords`}`}
                        onPointerEnter={() => setPointed([c.leads, c.bights])}
                        onFocus={() => setPointed([c.leads, c.bights])}
                        onClick={() => choose(c)}
                        onKeyDown={(e) => {
                          // Rows count downwards.
                          const to = movedBy(e.key, [i, -r], 1);
                          if (!to) return;
                          e.preventDefault();
                          document.querySelector<HTMLElement>(`[data-cell="${-to[1]},${to[0]}"]`)?.focus();
                        }}
                        className={`h-6 w-full min-w-[1.1rem] rounded font-semibold ${TINT[c.fit]} ${c.strands > 1 ? 'opacity-60' : ''} ${isHere ? 'outline-3 outline-ink outline-offset-1' : ''}`}
                      >
                        {c.strands > 1 && c.fit !== 'full' ? c.strands : FIT_LETTER[c.fit]}
                      </button>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row" className="font-normal text-ink-soft">
                bights
              </th>
              {bights.map((b) => (
                <th key={b} scope="col" className="font-normal text-ink-soft">
                  {b}
                </th>
              ))}
            </tr>
          </tfoot>
        </table>
      </div>
      <p className="flex flex-wrap gap-x-3 gap-y-1 text-[14px]">
        {(Object.keys(TINT) as Fit[]).map((fit) => (
          <span key={fit} className="flex items-center gap-1">
            <span className={`figure rounded px-1.5 font-semibold ${TINT[fit]}`} aria-hidden>
              {FIT_LETTER[fit]}
            </span>
            {SAID[fit]}
          </span>
        ))}
        <span className="flex items-center gap-1">
          <span className="figure rounded bg-rule px-1.5 font-semibold" aria-hidden>
            2
          </span>
          needs 2 cords
        </span>
      </p>
      <hr className="border-rule" />
      <Preview cell={cell} />
      <p data-testid="ring-pointed">
        <strong>
          {cell.leads} × {cell.bights}
        </strong>{' '}
        {cell.strands === 1 ? 'one cord' : `${cell.strands} cords`}, {SAID[cell.fit]}, {show(cell.widthMm)}{' '}
        wide, {show(cell.pitchMm, { kind: 'small' })} from bight to bight, inside {show(girth)}.{' '}
        <span className="text-ink-soft">
          {full < 2
            ? 'Nothing fits round it.'
            : `At most ${full} bights fit: ${show(leastPitch(passes, d), { kind: 'small' })} each.`}
        </span>
      </p>
    </section>
  );
}

/** A stretch of the ring that is pointed at, one pass, to scale. */
function Preview({ cell }: { readonly cell: Cell }) {
  const { plan } = useRing();
  const shown = useDeferredValue(cell);
  const scene = useMemo(() => {
    const shape = { ...plan.shape, leads: shown.leads, bights: shown.bights };
    const isWhole = shape.coding.by === 'row' || shown.bights % shape.coding.n === 0;
    const ring = {
      ...plan.ring,
      shape: isWhole ? shape : { ...shape, coding: { by: 'row' as const, n: 1 } },
    };
    const lays = layRing(ring.shape, plan.design.lanes);
    return mapScene(
      {
        ring,
        widthMm: shown.widthMm,
        lays,
        colours: coloursOf(plan),
        cordOf: (lay) => lay.cord,
        beyondMm: 0,
      },
      shown.fit === 'full' ? [] : lays,
    );
  }, [plan, shown]);
  if (shown.fit === 'full') return null;
  const part = { minX: 0, widthMm: Math.min(scene.widthMm, 110) };
  return (
    <SceneView
      scene={scene}
      part={part}
      label={`${shown.leads} × ${shown.bights}, a stretch of ${Math.round(part.widthMm / 10)} cm`}
      className="on-mat max-h-28 w-full rounded-lg bg-mat p-1"
    />
  );
}
