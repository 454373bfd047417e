import { RING_PRODUCTS } from '../../../../core/rings/products.ts';
import { useRingLibrary } from '../../../state/ringLibrary.ts';
import { Button } from '../../../ui/Button.tsx';
import { useBench } from '../BenchContext.tsx';

/** Rings need no closure: they are planned on a screen of their own, for the same wearer in the same cord. */
export default function RingProducts() {
  const { design } = useBench();
  const rings = useRingLibrary();
  return (
    <fieldset className="flex flex-col gap-1 border-rule border-t pt-2">
      <legend className="sr-only">Or a ring</legend>
      <p className="text-ink-soft text-sm">Or a ring, tied round a hand or a mandrel, without any closure:</p>
      <div className="flex flex-wrap gap-1.5">
        {RING_PRODUCTS.map((p) => (
          <Button
            key={p.id}
            onClick={() => {
              const passed = design.measures?.[p.measured];
              const isKnown = p.girth === 'body' && passed !== undefined;
              void rings.create({
                product: p.id,
                wearer: p.girth === 'body' ? design.wearer.name : '',
                girth: {
                  by: p.girth,
                  mm: isKnown && passed >= p.leastMm && passed <= p.mostMm ? passed : p.usualMm,
                  ...(p.girth === 'body' ? { easeMm: p.easeMm } : {}),
                },
                cord: design.cord,
                cords: [{ colour: design.cords[0]!.colour }],
                ...(design.looks ? { looks: design.looks } : {}),
              });
            }}
          >
            {p.name}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}
