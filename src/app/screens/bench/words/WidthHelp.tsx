import { findCord } from '../../../../core/cord/cords.ts';
import { findProduct } from '../../../../core/fit/products.ts';
import { type BandSize, fittingLugs, nearWidth } from '../../../../core/fit/sizes.ts';
import { adapt } from '../../../../core/plan/adapt.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { useLength } from '../../../ui/units.tsx';
import { useBench } from '../BenchContext.tsx';

const SHOWN = 8;

/** Which weaves come out as wide as wanted, or go between the lugs, in the cord in hand and in others. */
export function WidthHelp() {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const show = useLength();
  const product = findProduct(design.product);
  const lug = product?.measures.find((m) => m.id === 'lug');
  const width = product?.measures.find((m) => m.id === 'width');
  if (!lug && !width) return null;
  const wanted = design.measures?.[lug ? 'lug' : 'width'] ?? (lug ?? width)!.usualMm!;
  const cord = findCord(design.cord);
  const fibre = cord?.fibre ?? 'nylon';
  const listed = (lug ? fittingLugs(wanted) : nearWidth(wanted)).filter((s) => s.cord.fibre === fibre);
  const mine = (s: BandSize) => (s.cord.id === design.cord ? 0 : 1);
  const sizes = listed.toSorted((a, b) => mine(a) - mine(b)).slice(0, SHOWN);
  return (
    <section className="border-rule border-t pt-3">
      <h3 className="font-semibold">
        {lug
          ? `Between lugs of ${show(wanted, { kind: 'small' })} go`
          : `As wide as ${show(wanted, { kind: 'small' })}, nearly`}
      </h3>
      <ul className="mt-1 flex flex-col">
        {sizes.map((s) => (
          <li key={`${s.patternId} ${s.cord.id}`}>
            <button
              type="button"
              className="flex w-full items-baseline justify-between gap-3 rounded px-2 py-1 text-left hover:bg-amber-pale"
              onClick={() =>
                dispatch({
                  type: 'become',
                  design: adapt(design, { pattern: { id: s.patternId }, cord: s.cord.id }, know),
                })
              }
            >
              <span>
                <span className="font-semibold">{s.name}</span>{' '}
                <span className="text-ink-soft text-sm">
                  in {s.cord.name}, {s.strands} strands
                </span>
              </span>
              <span className="figure shrink-0">{show(s.widthMm, { kind: 'small' })}</span>
            </button>
          </li>
        ))}
      </ul>
      {sizes.length === 0 && <p className="text-ink-soft text-sm">No weave fits: choose thinner cord.</p>}
    </section>
  );
}
