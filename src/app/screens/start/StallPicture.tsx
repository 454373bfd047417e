import { useMemo } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import type { Knowledge } from '../../../core/plan/knowledge.ts';
import { plan } from '../../../core/plan/plan.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';

interface Props {
  readonly designs: readonly Design[];
  readonly know: Knowledge;
}

/** A few of the stall's pieces, one below the other. */
export function StallPicture({ designs, know }: Props) {
  const planned = useMemo(
    () =>
      designs.flatMap((design) => {
        const made = plan(design, know);
        return made.ok ? [{ design, plan: made.value }] : [];
      }),
    [designs, know],
  );
  return (
    <div className="flex flex-col gap-1">
      {planned.map(({ design, plan: made }) => (
        <BandPicture
          key={design.name}
          plan={made}
          patternId={design.pattern.id}
          label={design.name}
          className="h-12 w-full"
        />
      ))}
    </div>
  );
}
