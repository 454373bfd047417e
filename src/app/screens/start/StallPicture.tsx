import { useMemo } from 'react';
import type { Knowledge } from '../../../core/plan/knowledge.ts';
import { plan } from '../../../core/plan/plan.ts';
import { demoDesigns } from '../../state/demo.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';

interface Props {
  readonly know: Knowledge;
}

/** So many of its pieces are shown. */
const SHOWN = 3;
/** Room beside the longest piece for what hangs out of it, and the width of the picture in px. */
const BESIDE_MM = 40;
const WIDE_PX = 320;

/** A few of the stall's pieces, one below the other, to one scale. */
export default function StallPicture({ know }: Props) {
  const planned = useMemo(
    () =>
      demoDesigns()
        .slice(0, SHOWN)
        .flatMap((design) => {
          const made = plan(design, know);
          return made.ok ? [{ design, plan: made.value }] : [];
        }),
    [know],
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
