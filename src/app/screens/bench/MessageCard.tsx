import { useMemo, useState } from 'react';
import { beamScene } from '../../../core/drawing/beam.ts';
import { cardWords, messageCardSvg } from '../../../core/drawing/messageCard.ts';
import type { Pictures } from '../../../core/drawing/pictures.ts';
import type { Design } from '../../../core/formats/design.ts';
import type { Plan } from '../../../core/plan/types.ts';
import { download, downloadBytes, fileStem } from '../../export/download.ts';
import { fontCss, pngOf } from '../../export/messageCard.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { useUnits } from '../../ui/units.tsx';

interface Props {
  readonly design: Design;
  readonly plan: Plan;
  readonly pictures: Pictures;
  readonly weave: string;
}

/** Nothing smaller than this is drawn, in mm. */
const DETAIL_MM = 0.25;

/** A picture of the piece with its cuts, to send along with a message. */
export function MessageCard({ design, plan, pictures, weave }: Props) {
  const units = useUnits();
  const [problem, setProblem] = useState<string>();
  const words = useMemo(() => cardWords(design, plan, weave, units), [design, plan, weave, units]);
  const scene = useMemo(() => beamScene(plan, pictures, 'front', DETAIL_MM), [plan, pictures]);
  const shown = useMemo(
    () => `data:image/svg+xml;charset=utf-8,${encodeURIComponent(messageCardSvg(scene, words))}`,
    [scene, words],
  );
  const name = fileStem(design.name);
  const lettered = async () => messageCardSvg(scene, words, await fontCss());
  const tried = (work: () => Promise<void>) => () => {
    setProblem(undefined);
    void work().catch((error: Error) => setProblem(`The picture could not be made: ${error.message}`));
  };
  return (
    <div className="mt-3 rounded-lg border border-rule p-3">
      <img src={shown} alt={`${words.title}: ${words.what}`} className="w-full rounded" />
      <div className="mt-2 flex items-center gap-3">
        <span className="grow">
          <span className="block font-semibold">A picture for messages</span>
          <span className="text-ink-soft text-sm">the piece and what to cut; the wearer isn’t named</span>
        </span>
        <Button
          onClick={tried(async () =>
            downloadBytes({ name: `${name}.png`, type: 'image/png', bytes: await pngOf(await lettered()) }),
          )}
        >
          PNG
        </Button>
        <Button
          onClick={tried(async () =>
            download({ name: `${name}-picture.svg`, type: 'image/svg+xml', text: await lettered() }),
          )}
        >
          SVG
        </Button>
      </div>
      <Problem>{problem}</Problem>
    </div>
  );
}
