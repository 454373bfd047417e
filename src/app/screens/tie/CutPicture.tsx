import { markName } from '../../ui/markNames.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { useHere } from './TieContext.tsx';

/** The cords to be cut, all to one scale, with their marks; one alone while it is its turn. */
export function CutPicture({ only }: { readonly only: string | undefined }) {
  const { plan } = useHere();
  const show = useLength();
  const longest = Math.max(...plan.cords.map((c) => c.cutLengthMm));
  const cords = plan.cords.filter((c) => !only || c.letter === only);
  return (
    <ul className="flex flex-col gap-5 px-2 py-3">
      {cords.map((c) => (
        <li key={c.letter}>
          <p className="flex items-center gap-3 text-2xl">
            <Swatch colour={c.look} letter={c.letter} size={40} isSpoken />
            {c.name}
            <WhyNumber
              className={`ml-auto whitespace-nowrap font-bold ${only ? 'text-5xl sm:text-6xl' : 'text-3xl'}`}
              label={`Cut length of ${c.letter} ${c.name}`}
              value={show(c.cutLengthMm, { kind: 'cut', rounding: 'up' })}
              why={c.why}
            />
          </p>
          <div className="relative mt-2 h-5" style={{ width: `${(c.cutLengthMm / longest) * 100}%` }}>
            <div className="h-5 rounded-full outline outline-white/60" style={{ background: c.look.base }} />
            {c.marks.map((m) => (
              <span
                key={`${m.what} ${m.atMm}`}
                title={markName(m.what)}
                className="absolute -top-1 h-7 w-1 bg-amber"
                style={{ left: `calc(${(m.atMm / c.cutLengthMm) * 100}% - 2px)` }}
              />
            ))}
          </div>
        </li>
      ))}
    </ul>
  );
}
