import { useMemo } from 'react';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import type { Question } from '../../../core/practice/types.ts';
import { rowsOfWeave } from '../../../core/practice/weaves.ts';
import { slipScene } from '../../../core/steps/slips/slipPicture.ts';
import { useStretches } from '../../state/useStretches.ts';
import { SceneView } from '../../ui/SceneView.tsx';
import { stretchOfQuestion } from './stretchOfQuestion.ts';

const LOOKS = ['dusk', 'ember', 'pole-white'].map((id) => findColour(id) ?? PALETTE[0]!);
const CORES = 2;
const DIAMETER_MM = 4;
const RULER_MM = 7;
/** Never larger than this, in pixels a millimetre, nor than the room that there is for one of two pictures. */
const MOST_PX_A_MM = 14;
const ROOM_PX = 400;
/** Numbers beside the rows, in mm: never so large that low rows have theirs on each other. */
const MOST_FONT_MM = 3;
const FONT_SHARE = 0.85;

interface Props {
  readonly question: Question;
  readonly given: string | undefined;
  readonly onGive: (value: string) => void;
}

/** A tight stretch as it hangs, its rows numbered: one is framed, or one is tied wrong and is to be found. */
export function StretchQuestion({ question, given, onGive }: Props) {
  const { card, framed, lastRow } = question;
  const tying = useMemo(() => rowsOfWeave(card.weave), [card.weave]);
  const asked = useMemo(() => [stretchOfQuestion(question)].filter((a) => a !== undefined), [question]);
  const stretch = asked[0]?.stretch;
  const solved = useStretches(asked).get(card.id);
  const [scene, back] = useMemo(() => {
    if (!stretch || !tying || !solved || solved === 'failed') return [];
    const ask = {
      stretch,
      solved,
      frame: tying.frame,
      looks: LOOKS,
      coreCord: () => CORES,
      slotCord: (slot: number) => slot % 2,
      diameterMm: DIAMETER_MM,
    };
    return [slipScene(ask), slipScene({ ...ask, view: 'back' })];
  }, [stretch, tying, solved]);
  if (solved === 'failed')
    return <p className="text-white/80">This one could not be drawn: go on to the next.</p>;
  if (!scene || !back || !stretch || !solved) return <p className="text-white">It is being pulled tight…</p>;
  const count = stretch.spec.rows;
  const rowMm = (solved.periodD / solved.rowsPerPeriod) * DIAMETER_MM;
  const isSlip = framed === undefined;
  const marked = isSlip ? (given === undefined ? undefined : Number(question.answer) - 1) : framed;
  const number = (i: number) => (isSlip ? String(i + 1) : i === count - 1 ? String(lastRow) : '');
  const scale = Math.min(MOST_PX_A_MM, ROOM_PX / scene.heightMm, ROOM_PX / (scene.widthMm + RULER_MM));
  const part = { minX: scene.minX - RULER_MM, widthMm: scene.widthMm + RULER_MM };
  return (
    <div className="flex w-full flex-wrap items-start justify-center gap-6">
      <SceneView
        scene={scene}
        part={part}
        label={
          isSlip
            ? `${count} tight rows, one of them tied wrong`
            : `${count} tight rows, one of them framed; the last one is row ${lastRow}`
        }
        className="max-w-full"
        style={{ width: `${scale * part.widthMm}px` }}
      >
        {Array.from({ length: count }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows are told apart by their number alone
          <g key={i}>
            <text
              x={scene.minX - 2}
              y={(i + 0.5) * rowMm}
              fontSize={Math.min(MOST_FONT_MM, FONT_SHARE * rowMm)}
              textAnchor="end"
              dominantBaseline="central"
              fill="#fff"
            >
              {number(i)}
            </text>
            {isSlip && given === undefined && (
              // biome-ignore lint/a11y/noStaticElementInteractions: the buttons below do the same by keyboard
              <rect
                x={scene.minX}
                y={i * rowMm}
                width={scene.widthMm}
                height={rowMm}
                rx="1.5"
                fill="transparent"
                strokeWidth="0.4"
                className="cursor-pointer hover:stroke-white"
                onClick={() => onGive(String(i + 1))}
              />
            )}
          </g>
        ))}
        {marked !== undefined && (
          <rect
            x={scene.minX + 0.4}
            y={marked * rowMm}
            width={scene.widthMm - 0.8}
            height={rowMm}
            rx="1.5"
            fill="none"
            stroke={isSlip ? '#f0ad24' : '#ffffff'}
            strokeWidth="0.4"
          />
        )}
      </SceneView>
      {given !== undefined && (
        <figure className="flex flex-col items-center text-white">
          <SceneView
            scene={back}
            label="The same rows, turned over"
            className="max-w-full"
            style={{ width: `${scale * back.widthMm}px` }}
          />
          <figcaption className="text-[15px]">turned over</figcaption>
        </figure>
      )}
    </div>
  );
}
