import { useMemo } from 'react';
import { barOrder } from '../../core/colour/barOrder.ts';
import { cordLetter } from '../../core/colour/palette.ts';
import { layOut, stretchScene } from '../../core/drawing/beam.ts';
import type { Design } from '../../core/formats/design.ts';
import { strandsOf } from '../../core/plan/strands.ts';
import type { Plan } from '../../core/plan/types.ts';
import { usePictures } from '../state/knowledge.tsx';
import { SceneView } from './SceneView.tsx';
import { Swatch } from './Swatch.tsx';

/** How much of the band is shown beside the bar, in mm. */
const SHOWN_MM = 26;
/** And of the bar itself. */
const BAR_MM = 8;

/** The order on the bar from left to right as the work hangs, which ends lie over, and a close look at the start of the piece. */
export default function BarOrder({
  plan,
  planned,
  tall = false,
  isMirrored,
}: {
  readonly plan: Plan;
  readonly planned: Design;
  readonly tall?: boolean;
  /** As the work hangs, the side that is drawn first is at the right, unless the maker ties the mirror image. */
  readonly isMirrored: boolean;
}) {
  const pictures = usePictures(planned.pattern.id, plan);
  const order = useMemo(() => {
    const drawn = pictures && barOrder(pictures.weave);
    return isMirrored ? drawn : drawn?.toReversed();
  }, [pictures, isMirrored]);
  const shownMm = tall ? 2 * SHOWN_MM : SHOWN_MM;
  const scene = useMemo(() => {
    if (!pictures) return undefined;
    const laid = layOut(plan, pictures, 'front');
    const minX = Math.max(laid.frame.minX, -BAR_MM);
    // Where the box is wider than the part in it, more of the piece is in sight on either side.
    const wide = stretchScene(laid, { fromMm: laid.frame.minX, toMm: minX + 3 * shownMm });
    return { ...wide, minX, widthMm: shownMm + BAR_MM };
  }, [pictures, plan, shownMm]);
  if (!order || !scene || !pictures) return null;
  const strands = strandsOf(planned, pictures.weave);
  const colours = plan.cords.filter((c) => !c.isExtra);
  const lookOf = (cord: number) => colours.find((c) => c.cord === cord)?.look;
  return (
    <section aria-label="Order on the bar">
      {!tall && <h2 className="font-bold font-title text-xl">On the bar</h2>}
      <SceneView
        scene={scene}
        className={`mt-1 block w-full rounded bg-mat ${tall ? 'h-64' : 'h-28'}`}
        preserveAspectRatio={tall ? 'xMidYMid meet' : 'xMidYMid slice'}
      />
      <p className={`mt-2 ${tall ? 'text-white' : 'text-ink-soft text-sm'}`}>
        As it hangs, left to right, as row 1 begins; ringed ones are over.
      </p>
      <ol className="mt-1 flex flex-wrap gap-1.5" data-testid="bar-order">
        {order.map((place) => {
          const cord = strands[place.key] ?? 0;
          const look = lookOf(cord);
          return (
            <li
              key={place.key}
              className={`flex flex-col items-center rounded-full p-0.5 ${place.isOver ? 'ring-2 ring-amber' : ''}`}
              aria-label={`${cordLetter(cord)}, ${place.isCore ? 'core' : 'working end'}${place.isOver ? ', over' : ''}`}
            >
              {look && <Swatch colour={look} letter={cordLetter(cord)} size={26} />}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
