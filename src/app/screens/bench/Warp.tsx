import { findColour } from '../../../core/colour/palette.ts';
import { luminance, mix } from '../../../core/drawing/tone.ts';
import type { CordCut, CordPart } from '../../../core/plan/types.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { useBench } from './BenchContext.tsx';

/** Every cord unrolled, all at one scale, in the order in which it is used. */
export function Warp() {
  const { plan } = useBench();
  if (!plan) return null;
  const longest = Math.max(...plan.cords.map((c) => c.cutLengthMm));
  return (
    <section aria-label="The warp" className="min-w-0">
      <h2 className="font-bold font-title text-xl">
        The warp{' '}
        <span className="font-normal font-sans text-ink-soft text-sm">
          every cord unrolled, at one scale; point at a stretch to see where it ends up
        </span>
      </h2>
      <ol className="mt-2 flex flex-col gap-3">
        {plan.cords.map((cord, i) => (
          <Lane key={cord.letter} cord={cord} index={i} share={cord.cutLengthMm / longest} />
        ))}
      </ol>
    </section>
  );
}

function Lane({ cord, index, share }: { cord: CordCut; index: number; share: number }) {
  const { plan, lit, setLit } = useBench();
  const show = useLength();
  const colour = findColour(cord.colour)!;
  const thumb = plan!.figures.ruleOfThumb;
  return (
    <li className="grid grid-cols-[auto_1fr_auto] items-center gap-x-3" data-testid={`lane-${cord.letter}`}>
      <div className="flex w-40 items-center gap-2">
        <Swatch colour={colour} letter={cord.letter} size={30} />
        <span className="flex min-w-0 flex-col leading-tight">
          <span className="font-semibold">{cord.name}</span>
          <span className="text-ink-soft text-sm">{cord.role}</span>
        </span>
      </div>
      <div className="relative py-4">
        <ol className="flex h-8" style={{ width: `${share * 100}%` }}>
          {cord.parts.map((part, p) => (
            <Stretch
              // biome-ignore lint/suspicious/noArrayIndexKey: stretches have no identity but their place on the cord
              key={p}
              part={part}
              base={colour.base}
              share={part.lengthMm / cord.cutLengthMm}
              isLit={
                lit?.cord === index &&
                (lit.part === p ||
                  (lit.strand !== undefined &&
                    lit.part === undefined &&
                    lit.strand === part.strand &&
                    part.what !== 'tail'))
              }
              onPoint={(on) => setLit(on ? { cord: index, part: p, strand: part.strand } : undefined)}
            />
          ))}
        </ol>
        {cord.marks.map((mark, m) => (
          <span
            key={mark.what}
            className={`absolute flex text-[13px] text-ink-soft leading-none ${m % 2 === 0 ? 'bottom-0' : 'top-0'}`}
            style={{ left: `calc(${(mark.atMm / cord.cutLengthMm) * share * 100}% - 5px)` }}
          >
            {m % 2 === 0 ? '▲' : '▼'} {mark.what}
          </span>
        ))}
      </div>
      <WhyNumber
        className="min-w-24 text-right font-semibold text-2xl"
        label={`Cut length of ${cord.letter} ${cord.name}`}
        value={show(cord.cutLengthMm, { kind: 'cut', rounding: 'up' })}
        why={cord.why}
        testId={`cut-${cord.letter}`}
        aside={
          <>
            The rule of thumb, a foot of cord for each inch of bar, would give{' '}
            {show(thumb.value, { kind: 'cut' })} in all; this plan cuts{' '}
            {show(plan!.figures.total.value, { kind: 'cut' })}, tails and margin included.
          </>
        }
      />
    </li>
  );
}

const FADE: Record<CordPart['what'], number> = {
  weave: 0,
  'core run': 0.3,
  attach: 0.5,
  tail: 0.62,
  margin: 0.78,
  rounding: 0.86,
};

interface StretchProps {
  readonly part: CordPart;
  readonly base: string;
  readonly share: number;
  readonly isLit: boolean;
  readonly onPoint: (on: boolean) => void;
}

/** One stretch of a cord. Kinds differ in strength and texture, not in hue. */
function Stretch({ part, base, share, isLit, onPoint }: StretchProps) {
  const show = useLength();
  const fill = mix(base, '#ffffff', FADE[part.what]);
  const text = luminance(fill) > 0.32 ? 'text-ink' : 'text-white';
  const waste = part.what === 'tail' || part.what === 'margin' || part.what === 'rounding';
  const label = `${part.what} ${show(part.lengthMm, { kind: 'small' })}`;
  return (
    <li className="h-full min-w-0 border-paper border-r" style={{ width: `${share * 100}%` }}>
      <button
        type="button"
        title={label}
        aria-label={label}
        onPointerEnter={() => onPoint(true)}
        onPointerLeave={() => onPoint(false)}
        onFocus={() => onPoint(true)}
        onBlur={() => onPoint(false)}
        className={`relative h-full w-full overflow-hidden whitespace-nowrap text-left text-[13px] ${text} ${waste ? 'border border-ink-soft/50 border-dashed' : ''} ${isLit ? 'z-10 outline-3 outline-amber-ink outline-offset-1' : ''}`}
        style={{ background: fill }}
      >
        {share > 0.075 && <span className="px-1.5">{part.what}</span>}
      </button>
    </li>
  );
}
