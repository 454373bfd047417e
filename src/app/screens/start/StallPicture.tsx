import { useMemo } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import type { Knowledge } from '../../../core/plan/knowledge.ts';
import { plan } from '../../../core/plan/plan.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';

interface Props {
  readonly designs: readonly Design[];
  readonly know: Knowledge;
}

/** Room beside the longest piece for what hangs out of it, and the width of the picture in px. */
const BESIDE_MM = 40;
const WIDE_PX = 320;

/** A few of the stall's pieces, one below the other, to one scale. */
export function StallPicture({ designs, know }: Props) {
  const planned = useMemo(
    () =>
      designs.flatMap((design) => {
        const made = plan(design, know);
        return made.ok ? [{ design, plan: made.value }] : [];
      }),
    [designs, know],
  );
  const longest = Math.max(
    ...planned.map(({ plan: made }) => made.closed.openMm ?? made.finishedLengthMm),
    1,
  );
  const pxPerMm = WIDE_PX / (longest + BESIDE_MM);
  return (
    <div className="flex flex-col items-center gap-1 overflow-hidden">
      {planned.map(({ design, plan: made }) => (
        <BandPicture
          key={design.name}
          plan={made}
          patternId={design.pattern.id}
          label={design.name}
          className="shrink-0"
          pxPerMm={pxPerMm}
        />
      ))}
    </div>
  );
}
