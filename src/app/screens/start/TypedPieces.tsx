import { useEffect, useMemo } from 'react';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import { CORDS } from '../../../core/cord/cords.ts';
import { cordScene } from '../../../core/drawing/cordSample.ts';
import { parsePieces } from '../../../core/stash/typedPieces.ts';
import { SceneView } from '../../ui/SceneView.tsx';
import { useLength } from '../../ui/units.tsx';

interface Props {
  /** Cord as one would write it on a slip. */
  readonly text: string;
  /** Told what is wrong with it, or that nothing is. */
  readonly onRead: (problem: string | undefined) => void;
}

const MOST_SHOWN = 4;

/** Typed cord, drawn to one scale. */
export default function TypedPieces({ text, onRead }: Props) {
  const show = useLength();
  const read = useMemo(() => parsePieces(text, { colours: PALETTE, cords: CORDS, aliases: {} }), [text]);
  const problem = read.ok ? undefined : read.issues[0]!.message;
  useEffect(() => onRead(problem), [problem, onRead]);
  if (!read.ok) return null;
  const { pieces } = read.value;
  const longest = Math.max(...pieces.map((p) => p.lengthMm));
  return (
    <ul className="flex flex-col gap-2">
      {pieces.slice(0, MOST_SHOWN).map((piece, i) => {
        const look = findColour(piece.colour) ?? PALETTE[0]!;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: two may be alike
          <li key={i} className="flex flex-col">
            <span className="text-sm">
              {look.name} <span className="figure">{show(piece.lengthMm, { kind: 'cut' })}</span>
            </span>
            <SceneView
              scene={cordScene(look)}
              preserveAspectRatio="none"
              className="h-3"
              style={{ width: `${(100 * piece.lengthMm) / longest}%` }}
            />
          </li>
        );
      })}
      {pieces.length > MOST_SHOWN && <li className="text-sm">and {pieces.length - MOST_SHOWN} more</li>}
    </ul>
  );
}
