import type { CordCut } from '../../../core/plan/types.ts';
import { chanceText } from '../../ui/chance.ts';
import { useLength } from '../../ui/units.tsx';

const WIDTH = 320;
const HEIGHT = 58;

/** A cut as a picture, on the dark ground of a working: what is needed on average, the likely range round that, what hands hold, and where it is cut. */
export function LikelyBar({ cord, chance }: { readonly cord: CordCut; readonly chance: number }) {
  const show = useLength();
  const hands = cord.parts.filter((p) => p.what === 'tail').reduce((sum, p) => sum + p.lengthMm, 0);
  const mean = cord.parts
    .filter((p) => p.what !== 'margin' && p.what !== 'rounding')
    .reduce((sum, p) => sum + p.lengthMm, 0);
  const [least, most] = cord.neededMm;
  const x = (mm: number) => (mm / Math.max(cord.cutLengthMm, most)) * WIDTH;
  const words = `on average ${show(mean, { kind: 'cut' })}, likely ${show(least, { kind: 'cut' })} to ${show(most, { kind: 'cut' })}, cut at ${show(cord.cutLengthMm, { kind: 'cut' })}`;
  return (
    <span className="my-2 block">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="block w-full max-w-80"
        role="img"
        aria-label={words}
        data-testid="likely"
      >
        <rect x="0" y="16" width={x(mean - hands)} height="16" fill="#9fb3ad" />
        <rect x={x(mean - hands)} y="16" width={x(hands)} height="16" fill="#9fb3ad" opacity="0.5" />
        <rect
          x={x(least)}
          y="11"
          width={Math.max(2, x(most) - x(least))}
          height="26"
          fill="#e3a31b"
          opacity="0.6"
        />
        <path d={`M${x(mean)} 9V39`} stroke="#1b211f" strokeWidth="2" />
        <path d={`M${x(cord.cutLengthMm) - 1} 4V44`} stroke="#ffffff" strokeWidth="3" />
        <text x="0" y="54" fill="#dfe7e4" className="text-[12px]">
          needed, hand length paler
        </text>
        <text x={WIDTH} y="54" textAnchor="end" fill="#dfe7e4" className="text-[12px]">
          likely range · cut for {chanceText(chance)}
        </text>
      </svg>
    </span>
  );
}
