import { inkOn, mix } from '../../../core/drawing/tone.ts';
import { PART_NAMES } from '../../../core/plan/setups/finish.ts';
import type { CordCut, CordPart, Plan } from '../../../core/plan/types.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { type Lit, useLit, usePlan } from './BenchContext.tsx';
import { LaneMarks } from './LaneMarks.tsx';
import { LikelyBar } from './LikelyBar.tsx';

/** Every cord unrolled, all at one scale, in the order in which it is used. */
export function Warp() {
  const view = usePlan();
  if (!view) return null;
  const { plan } = view;
  const longest = Math.max(...plan.cords.map((c) => c.cutLengthMm));
  return (
    <section aria-label="The warp" className="min-w-0">
      <h2 className="font-bold font-title text-xl">
        The warp{' '}
        <span className="font-normal font-sans text-ink-soft text-sm">
          every cord unrolled, to one scale; point at a stretch to see where it goes
        </span>
      </h2>
      <ol className="mt-2 flex flex-col gap-3">
        {plan.cords.map((cord, i) => (
          <Lane key={cord.letter} plan={plan} cord={cord} index={i} share={cord.cutLengthMm / longest} />
        ))}
      </ol>
    </section>
  );
}

function Lane({ plan, cord, index, share }: { plan: Plan; cord: CordCut; index: number; share: number }) {
  const { lit, setLit } = useLit();
  const show = useLength();
  const colour = cord.look;
  const thumb = plan.figures.ruleOfThumb;
  const lane = `lane-${cord.letter}`;
  const point = (p: number) => setLit({ cord: index, part: p, strand: cord.parts[p]!.strand });
  return (
    <li
      className="grid grid-cols-[1fr_auto] items-center gap-x-3 md:grid-cols-[auto_1fr_auto]"
      data-testid={`lane-${cord.letter}`}
    >
      <div className="flex w-40 items-center gap-2">
        <Swatch colour={colour} letter={cord.letter} size={30} isSpoken />
        <span className="flex min-w-0 flex-col leading-tight">
          <span className="font-semibold">{cord.name}</span>
          <span className="text-ink-soft text-sm">{cord.role}</span>
        </span>
      </div>
      {/* Lanes are to one scale: a column never grows with the words in its stretches. */}
      <div className="relative order-3 col-span-2 min-w-0 py-4 md:order-none md:col-span-1">
        <div
          // The stretches are walked with the arrow keys as well as pointed at.
          role="listbox"
          tabIndex={0}
          aria-label={`Stretches of ${cord.letter} ${cord.name}, in order`}
          aria-activedescendant={
            lit?.cord === index && lit.part !== undefined ? `${lane}-${lit.part}` : undefined
          }
          onKeyDown={(e) => {
            const step = { ArrowRight: 1, ArrowLeft: -1 }[e.key];
            if (!step) return;
            e.preventDefault();
            point(
              (cord.parts.length + (lit?.cord === index ? (lit.part ?? -1) : -1) + step) % cord.parts.length,
            );
          }}
          onBlur={() => setLit(undefined)}
          className="flex h-8 outline outline-ink-soft/50"
          style={{ width: `${share * 100}%` }}
        >
          {cord.parts.map((part, p) => (
            <Stretch
              // biome-ignore lint/suspicious/noArrayIndexKey: stretches have no identity but their place on the cord
              key={p}
              id={`${lane}-${p}`}
              part={part}
              base={colour.base}
              share={part.lengthMm / cord.cutLengthMm}
              isLit={lit?.cord === index && isLitPart(lit, part, p)}
              onPoint={(on) => (on ? point(p) : setLit(undefined))}
            />
          ))}
        </div>
        <LaneMarks cord={cord} share={share} />
      </div>
      <WhyNumber
        className="min-w-24 text-right font-semibold text-2xl"
        label={`Cut length of ${cord.letter} ${cord.name}`}
        value={show(cord.cutLengthMm, { kind: 'cut', rounding: 'up' })}
        why={cord.why}
        testId={`cut-${cord.letter}`}
        aside={
          <>
            <LikelyBar cord={cord} chance={plan.chance} />
            In 19 pieces out of 20 it needs {show(cord.neededMm[0], { kind: 'cut' })} to{' '}
            {show(cord.neededMm[1], { kind: 'cut' })}, hand lengths included. The rule of thumb for a Solomon
            bar, a foot of cord per inch, would give {show(thumb.value, { kind: 'cut' })} in all; this plan
            cuts {show(plan.figures.total.value, { kind: 'cut' })}, hand lengths and spare included.
          </>
        }
      />
    </li>
  );
}

/** The stretch itself is pointed at, or its strand is, on the Beam. */
function isLitPart(lit: Lit, part: CordPart, p: number): boolean {
  if (lit.part !== undefined) return lit.part === p;
  return lit.strand !== undefined && lit.strand === part.strand && part.what !== 'tail';
}

const FADE: Record<CordPart['what'], number> = {
  weave: 0,
  'core run': 0.3,
  attach: 0.5,
  closure: 0.42,
  tail: 0.62,
  margin: 0.78,
  rounding: 0.86,
};

interface StretchProps {
  readonly id: string;
  readonly part: CordPart;
  readonly base: string;
  readonly share: number;
  readonly isLit: boolean;
  readonly onPoint: (on: boolean) => void;
}

/** One stretch of a cord. Kinds differ in strength and texture, not in hue. */
function Stretch({ id, part, base, share, isLit, onPoint }: StretchProps) {
  const show = useLength();
  const fill = mix(base, '#ffffff', FADE[part.what]);
  const waste = part.what === 'tail' || part.what === 'margin' || part.what === 'rounding';
  const label = `${PART_NAMES[part.what]} ${show(part.lengthMm, { kind: 'small' })}`;
  return (
    <div
      id={id}
      role="option"
      tabIndex={-1}
      aria-selected={isLit}
      aria-label={label}
      title={label}
      onPointerEnter={() => onPoint(true)}
      onPointerLeave={() => onPoint(false)}
      className={`relative flex h-full min-w-0 flex-wrap overflow-hidden whitespace-nowrap border-paper border-r text-[13px] leading-8 ${waste ? 'border border-ink-soft/50 border-dashed' : ''} ${isLit ? 'z-10 outline-3 outline-amber-ink outline-offset-1' : ''}`}
      style={{ width: `${share * 100}%`, background: fill, color: inkOn(fill) }}
    >
      {/* A word that is wider than its stretch goes to a second line, which nobody sees: it is whole or not there. */}
      <span aria-hidden className="h-full" />
      <span className="h-full px-1.5">{PART_NAMES[part.what]}</span>
    </div>
  );
}
