import { cordLetter, findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { CORDS, FIBRE_MELTS, findCord } from '../../../../core/cord/cords.ts';
import { findPattern, PATTERNS } from '../../../../core/patterns/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useBench } from '../BenchContext.tsx';
import { Problem, useProblem } from './problems.tsx';
import { Word } from './Word.tsx';

export function PatternWord() {
  const { id } = useBench().design.pattern;
  const text = findPattern(id)?.name ?? id;
  return (
    <Word
      label="Pattern"
      letter="k"
      text={text}
      problem={useProblem('/pattern')}
      picker={PatternPicker}
      wide
    />
  );
}

function PatternPicker() {
  const { design, dispatch } = useBench();
  return (
    <>
      <Problem path="/pattern" />
      <Choices
        label="Which knot?"
        value={design.pattern.id}
        onChange={(id) => dispatch({ type: 'pattern', id }, 'pattern')}
        choices={PATTERNS.map((p) => ({ value: p.id, name: p.name, note: p.words }))}
      />
    </>
  );
}

export function CordWord() {
  const { design } = useBench();
  const text = findCord(design.cord)?.name ?? design.cord;
  return <Word label="Cord" letter="c" text={text} problem={useProblem('/cord')} picker={CordPicker} />;
}

function CordPicker() {
  const { design, dispatch } = useBench();
  return (
    <>
      <Problem path="/cord" />
      <Choices
        label="Which cord?"
        value={design.cord}
        onChange={(id) => dispatch({ type: 'cord', id }, 'cord')}
        choices={CORDS.map((c) => ({
          value: c.id,
          name: c.name,
          note: `${c.gramsPerMetre} g/m, ${FIBRE_MELTS[c.fibre] ? 'ends melt' : 'ends do not melt: whip, stitch or glue'}`,
        }))}
      />
    </>
  );
}

const SETUPS = [
  {
    value: 'folded' as const,
    name: 'one folded cord',
    note: 'Hitched at its middle; cores and working ends are the same cord.',
  },
  {
    value: 'fused' as const,
    name: 'two colours fused',
    note: 'Two cords joined into one: one makes the front, the other the edges.',
  },
  {
    value: 'separate' as const,
    name: 'separate cores',
    note: 'A core cord and a working cord, each folded at its middle.',
  },
];

export function SetupWord() {
  const { style } = useBench().design.setup;
  const text = SETUPS.find((s) => s.value === style)!.name;
  return <Word label="Set-up" letter="s" text={text} problem={useProblem('/setup')} picker={SetupPicker} />;
}

function SetupPicker() {
  const { design, dispatch } = useBench();
  return (
    <Choices
      label="How is it set up?"
      value={design.setup.style}
      onChange={(style) => dispatch({ type: 'setup', style })}
      choices={SETUPS}
    />
  );
}

/** One picker a place, made once, so that a word keeps its identity. */
const COLOUR_PICKERS = [0, 1].map((index) => () => <ColourPicker index={index} />);

export function ColourWord({ index, place }: { readonly index: number; readonly place: string }) {
  const id = useBench().design.cords[index]!.colour;
  const colour = findColour(id);
  const problem = useProblem(`/cords/${index}`);
  return (
    <span className="inline-flex items-baseline gap-1.5">
      {colour && <Swatch colour={colour} letter={cordLetter(index)} />}
      <Word
        label={`Colour ${place}`}
        letter={String(index + 1)}
        text={colour?.name ?? id}
        problem={problem}
        picker={COLOUR_PICKERS[index]!}
      />
    </span>
  );
}

function ColourPicker({ index }: { readonly index: number }) {
  const { design, dispatch } = useBench();
  return (
    <>
      <Problem path={`/cords/${index}`} />
      <Choices
        label="Which colour?"
        value={design.cords[index]!.colour}
        onChange={(next) => dispatch({ type: 'colour', index, id: next }, `colour-${index}`)}
        choices={PALETTE.map((c) => ({
          value: c.id,
          name: c.name,
          note: c.look === 'solid' ? undefined : c.look,
          swatch: <Swatch colour={c} letter="" />,
        }))}
      />
      {design.cords.length > 1 && (
        <Button onClick={() => dispatch({ type: 'swap-colours' })}>Swap the two colours</Button>
      )}
    </>
  );
}
