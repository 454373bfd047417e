import { byName, cordLetter, findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { CORDS, FIBRE_MELTS } from '../../../../core/cord/cords.ts';
import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import type { RingDesign } from '../../../../core/formats/ring.ts';
import { type Choice, Choices } from '../../../ui/Choices.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { Word } from '../../../ui/Word.tsx';
import { useRing } from '../RingContext.tsx';
import { useIssue } from './issues.tsx';

export function CordPicker() {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="Which cord?"
      value={ring.cord}
      onChange={(cord) => bench.dispatch({ type: 'set', patch: { cord } }, 'cord')}
      choices={CORDS.map((c) => ({
        value: c.id,
        name: c.name,
        note: `${c.gramsPerMetre} g/m, ${FIBRE_MELTS[c.fibre] ? 'ends melt' : 'ends do not melt: stitch or bury'}`,
      }))}
    />
  );
}

const COLOUR_PICKERS = Array.from({ length: LIMITS.ring['/cords'] }, (_, cord) => () => (
  <ColourPicker cord={cord} />
));

export function ColourWord({ cord }: { readonly cord: number }) {
  const { ring } = useRing();
  const id = ring.cords[cord]?.colour ?? '';
  const look = findColour(id, ring.looks);
  return (
    <span className="inline-flex items-baseline gap-1.5">
      {look && <Swatch colour={look} letter={cordLetter(cord)} />}
      <Word
        label={`Colour of cord ${cordLetter(cord)}`}
        letter={String(cord + 1)}
        text={look?.name ?? id}
        problem={useIssue(`/cords/${cord}`)}
        picker={COLOUR_PICKERS[cord]!}
      />
    </span>
  );
}

export function ColourPicker({ cord }: { readonly cord: number }) {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="Which colour?"
      value={ring.cords[cord]!.colour}
      onChange={(colour) =>
        bench.dispatch(
          { type: 'set', patch: { cords: ring.cords.map((c, i) => (i === cord ? { ...c, colour } : c)) } },
          `colour-${cord}`,
        )
      }
      choices={[...byName(ring.looks ?? []), ...PALETTE].map((c) => ({
        value: c.id,
        name: c.name,
        swatch: <Swatch colour={c} letter={c.letter ?? ''} />,
      }))}
    />
  );
}

const ENDS: readonly Choice<RingDesign['ends']>[] = [
  { value: 'stitched', name: 'stitched', note: 'side by side under an over-crossing, sewn through' },
  { value: 'buried', name: 'buried', note: 'led on beside their own pass for half a cycle' },
  { value: 'melted', name: 'melted', note: 'cut and melted to their neighbour; only fibres that melt' },
];

export function EndsPicker() {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="What becomes of the ends?"
      value={ring.ends}
      onChange={(ends) => bench.dispatch({ type: 'set', patch: { ends } })}
      choices={ENDS}
    />
  );
}
