import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import type { RingDesign } from '../../../../core/formats/ring.ts';
import { findRingProduct, HOUSEHOLD, RING_PRODUCTS } from '../../../../core/rings/products.ts';
import { Choices } from '../../../ui/Choices.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { useLength } from '../../../ui/units.tsx';
import type { PickerProps } from '../../../ui/Word.tsx';
import { useRing } from '../RingContext.tsx';
import { Issue } from './issues.tsx';

export function ProductPicker() {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="What is it?"
      value={ring.product}
      onChange={(id) => {
        const product = findRingProduct(id)!;
        bench.dispatch(
          {
            type: 'set',
            patch: {
              product: id,
              girth: {
                by: product.girth,
                mm:
                  product.girth === ring.girth.by &&
                  ring.girth.mm <= product.mostMm &&
                  ring.girth.mm >= product.leastMm
                    ? ring.girth.mm
                    : product.usualMm,
                ...(product.girth === 'body' ? { easeMm: product.easeMm } : {}),
              },
            },
          },
          'product',
        );
      }}
      choices={RING_PRODUCTS.map((p) => ({
        value: p.id,
        name: p.name,
        note: p.girth === 'body' ? `passes the ${p.measured}` : `sits on a ${p.measured}`,
      }))}
    />
  );
}

export function WearerPicker({ close }: PickerProps) {
  const { ring, bench } = useRing();
  return (
    <label className="flex flex-col gap-1">
      <span className="font-medium text-sm">Who or what is it for?</span>
      <input
        className="rounded border border-ink-soft bg-white px-2 py-1.5 text-lg"
        value={ring.wearer}
        maxLength={LIMITS.ring['/wearer']}
        autoComplete="off"
        onChange={(e) => bench.dispatch({ type: 'set', patch: { wearer: e.target.value } }, 'wearer')}
        onKeyDown={(e) => e.key === 'Enter' && close()}
      />
    </label>
  );
}

export function GirthPicker() {
  const { ring, bench } = useRing();
  const show = useLength();
  const product = findRingProduct(ring.product) ?? RING_PRODUCTS[0]!;
  const set = (patch: Partial<RingDesign['girth']>) =>
    bench.dispatch({ type: 'set', patch: { girth: { ...ring.girth, ...patch } } }, 'girth');
  return (
    <>
      <Issue path="/girth" />
      <LengthField
        label={`Girth of the ${product.measured}`}
        valueMm={ring.girth.mm}
        leastMm={product.leastMm}
        mostMm={product.mostMm}
        onChange={(mm) => set({ mm })}
      />
      <p className="text-ink-soft text-sm">{product.how}</p>
      {product.girth === 'body' ? (
        <LengthField
          label={`Room over the ${product.measured}`}
          valueMm={ring.girth.easeMm ?? product.easeMm}
          leastMm={0}
          mostMm={100}
          kind="small"
          hint="A closed ring doesn’t stretch: this much larger than what it must pass."
          onChange={(easeMm) => set({ easeMm })}
        />
      ) : (
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Something round to tie it on; measure yours</span>
          <ul className="flex max-h-44 flex-col overflow-y-auto">
            {HOUSEHOLD.filter((h) => h.girthMm <= product.mostMm).map((h) => (
              <li key={h.name}>
                <button
                  type="button"
                  className="flex w-full justify-between rounded px-2 py-1 text-left hover:bg-paper"
                  onClick={() => set({ mm: h.girthMm })}
                >
                  {h.name} <span className="figure text-ink-soft">about {show(h.girthMm)}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}
