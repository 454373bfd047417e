import { type CutOptions, USUAL_CUTTING } from '../../../../core/cutting/demands.ts';
import { plural } from '../../../../core/words.ts';
import { Button } from '../../../ui/Button.tsx';
import { NumberField } from '../../../ui/NumberField.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useLength } from '../../../ui/units.tsx';
import type { useCutting } from '../useCutting.ts';
import { money } from './words.ts';

/** What to make, how many of each. */
export function ChooseDesigns({ cutting }: { readonly cutting: ReturnType<typeof useCutting> }) {
  const { designs, counts, setCounts, problem } = cutting;
  const show = useLength();
  const total = Object.values(counts).reduce((a, b) => a + b, 0);
  return (
    <div className="flex flex-col gap-2 py-2">
      <h2 className="font-bold font-title text-xl">What is to be made?</h2>
      <ul className="grid gap-2 sm:grid-cols-2">
        {designs.map((d) => (
          <li key={d.id} className="flex items-center gap-3 rounded-lg bg-white/5 px-3 py-1.5">
            <NumberField
              label={`How many: ${d.name}`}
              value={counts[d.id] ?? 0}
              least={0}
              most={60}
              className="w-16"
              onChange={(n) => setCounts({ ...counts, [d.id]: n ?? 0 })}
            />
            <span className="grow">{d.name}</span>
            <span className="flex gap-1">
              {d.plan.cords.map((c) => (
                <Swatch key={c.letter} colour={c.look} letter={c.letter} size={18} />
              ))}
            </span>
          </li>
        ))}
      </ul>
      <p className="max-w-3xl text-[15px] text-white/80">{assumed(USUAL_CUTTING, show)}</p>
      {problem && <p className="text-[#ffd9cf]">{problem}</p>}
      <Button look="next" className="self-start" disabled={total === 0} onClick={() => cutting.start(counts)}>
        Plan the cuts of {total} {plural(total, 'piece')}
      </Button>
    </div>
  );
}

/** What the plan is worked out with, so that its figures can be followed. */
const assumed = ({ packs, kerfMm, keepMm }: CutOptions, show: ReturnType<typeof useLength>): string =>
  `Worked out with example prices: ${packs.map((p) => `${show(p.lengthMm, { kind: 'cut' })} for ${money(p.priceCents)}`).join(', ')}. Each cut loses ${show(kerfMm, { kind: 'cut' })}; a rest of ${show(keepMm, { kind: 'cut' })} or more is kept.`;
