import { useMemo } from 'react';
import { PALETTE } from '../../../core/colour/palette.ts';
import type { Question } from '../../../core/practice/types.ts';
import { rowsOfWeave } from '../../../core/practice/weaves.ts';
import { coresAndEnds } from '../../../core/steps/rows/rowCords.ts';
import { rowPicture } from '../../../core/steps/rows/rowPicture.ts';
import { SceneView } from '../../ui/SceneView.tsx';

const DIAMETER_MM = 4;

interface Props {
  readonly question: Question;
  readonly given: string | undefined;
  readonly onGive: (value: string) => void;
}

/** Pictures of single rows, loose: which of them is told? */
export function WordsQuestion({ question, given, onGive }: Props) {
  return (
    <ul className="grid w-full grid-cols-2 gap-3 xl:grid-cols-4">
      {question.choices.map((c) => (
        <li key={c.value}>
          <button
            type="button"
            aria-label={`Picture ${c.name}`}
            disabled={given !== undefined}
            onClick={() => onGive(c.value)}
            className={`flex h-72 w-full flex-col items-center rounded-lg border-2 p-1 ${given !== undefined && c.value === question.answer ? 'border-amber' : 'border-white/25 enabled:hover:border-white'}`}
          >
            <Row weave={c.value} />
            <span className="font-bold text-white text-xl" aria-hidden>
              {c.name}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function Row({ weave }: { readonly weave: string }) {
  const scene = useMemo(() => {
    const tying = rowsOfWeave(weave);
    if (!tying) return undefined;
    return rowPicture({
      tying,
      row: 0,
      done: tying.row(0).moves.length,
      cordOf: coresAndEnds(tying.cut.spec),
      looks: [PALETTE[2] ?? PALETTE[0]!, PALETTE[0]!],
      diameterMm: DIAMETER_MM,
    }).scene;
  }, [weave]);
  return scene ? <SceneView scene={scene} className="min-h-0 w-full grow" /> : null;
}
