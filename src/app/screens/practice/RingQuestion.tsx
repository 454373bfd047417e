import { useMemo } from 'react';
import { practiceLook } from '../../../core/practice/rings.ts';
import type { Question } from '../../../core/practice/types.ts';
import { bightPlaces, mapScene, wayParts } from '../../../core/rings/drawing/map.ts';
import { meanGirth } from '../../../core/rings/sizes.ts';
import { SceneView } from '../../ui/SceneView.tsx';

const BEYOND_MM = 8;
const ROOM_MM = 6;
const AMBER = '#f0ad24';

/** The unrolled ring, tied so far, with the way of the half cycle that is asked for: it goes over and under once the answer is given. */
export function RingQuestion({
  question,
  given,
}: {
  readonly question: Question;
  readonly given: string | undefined;
}) {
  const { card, laid = 0, way } = question;
  const drawn = useMemo(() => {
    if (!card.ring) return undefined;
    const ask = { ...practiceLook(card.ring), beyondMm: BEYOND_MM };
    const next = ask.lays[laid]!;
    return {
      ask,
      before: mapScene(ask, ask.lays.slice(0, laid)),
      after: mapScene(ask, ask.lays.slice(0, laid + 1)),
      line: wayParts(ask, next)
        .flatMap((p) => p.points)
        .map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
        .join(''),
      places: bightPlaces(ask),
      girth: meanGirth(ask.ring),
    };
  }, [card, laid]);
  if (!drawn) return null;
  const scene = given === undefined ? drawn.before : drawn.after;
  const part = { minY: scene.minY - ROOM_MM, heightMm: scene.heightMm + 2 * ROOM_MM };
  return (
    <SceneView
      scene={scene}
      part={part}
      label={`A ring unrolled, ${laid} half cycles tied; the next one runs from ${way?.from} to ${way?.to}`}
      className="max-h-[26rem] w-full"
    >
      {/* A way that runs past the seam shows at the other end, too. */}
      {given === undefined &&
        [-drawn.girth, 0, drawn.girth].map((shift) => (
          <path
            key={shift}
            d={drawn.line}
            transform={`translate(${shift} 0)`}
            fill="none"
            stroke={AMBER}
            strokeWidth="1.2"
            strokeDasharray="0.1 2.4"
            strokeLinecap="round"
          />
        ))}
      {drawn.places.map(({ name, x, y, bight }) => {
        const isEnd = name === way?.from || name === way?.to;
        return (
          <text
            key={name}
            x={x}
            y={bight.edge === 'L' ? y - 2.6 : y + 5}
            textAnchor="middle"
            fontSize="3"
            className="figure"
            fontWeight={isEnd ? 700 : 400}
            fill={isEnd ? AMBER : '#e4efeb'}
          >
            {name}
          </text>
        );
      })}
    </SceneView>
  );
}
