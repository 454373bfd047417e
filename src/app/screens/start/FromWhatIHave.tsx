import { useMemo, useState } from 'react';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import { CORDS } from '../../../core/cord/cords.ts';
import { cordScene } from '../../../core/drawing/cordSample.ts';
import type { FreePiece } from '../../../core/stash/free.ts';
import { parsePieces } from '../../../core/stash/typedPieces.ts';
import { Button } from '../../ui/Button.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useLength } from '../../ui/units.tsx';
import { FROM_WHAT_I_HAVE, Way } from './Way.tsx';

interface Props {
  readonly onShow: (have: string) => void;
}

const EXAMPLE = '2.4 m Dusk, 1.1 m Ember';
const MOST_SHOWN = 4;

/** Cord as one would write it on a slip, drawn to one scale; what can be made of it comes next. */
export default function FromWhatIHave({ onShow }: Props) {
  const [typed, setTyped] = useState('');
  const read = useMemo(
    () => parsePieces(typed.trim() || EXAMPLE, { colours: PALETTE, cords: CORDS, aliases: {} }),
    [typed],
  );
  const isWrong = typed.trim() !== '' && !read.ok;
  return (
    <Way
      {...FROM_WHAT_I_HAVE}
      onGo={() => {
        if (!isWrong) onShow(typed);
      }}
      picture={read.ok && <Pieces pieces={read.value.pieces} />}
    >
      <label className="flex flex-col gap-1">
        <span className="font-medium text-sm">Cord</span>
        <input
          aria-label="Cord"
          value={typed}
          placeholder={EXAMPLE}
          maxLength={300}
          autoComplete="off"
          aria-invalid={isWrong || undefined}
          onChange={(e) => setTyped(e.target.value)}
          className="figure w-full rounded border border-ink-soft bg-card px-2 py-1.5 text-lg placeholder:text-ink-soft aria-invalid:border-bad aria-invalid:bg-bad-pale"
        />
        {isWrong && !read.ok ? (
          <span role="alert" className="text-bad text-sm">
            {read.issues[0]!.message}
          </span>
        ) : (
          <span className="text-ink-soft text-sm">Empty: from the cord on your shelf</span>
        )}
      </label>
      <Button type="submit" className="w-full py-2.5 text-lg">
        See what I can make
      </Button>
    </Way>
  );
}

function Pieces({ pieces }: { readonly pieces: readonly FreePiece[] }) {
  const show = useLength();
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
