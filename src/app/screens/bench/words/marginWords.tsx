import { useState } from 'react';
import { CHANCES, chanceOf, LEAST_CHANCE, MOST_CHANCE } from '../../../../core/plan/chance.ts';
import { DEFAULT_ROUND_MM } from '../../../../core/plan/resolve.ts';
import { Choices } from '../../../ui/Choices.tsx';
import { chanceText } from '../../../ui/chance.ts';
import { LengthField } from '../../../ui/LengthField.tsx';
import { useLength } from '../../../ui/units.tsx';
import { Word } from '../../../ui/Word.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { useProblem } from './problems.tsx';

const HANDS = [
  { value: 'fingers' as const, name: 'by fingers', note: 'The usual way.' },
  { value: 'tool' as const, name: 'with a fid, needle or forceps', note: 'Ends may be shorter.' },
];

const WET = [
  {
    value: 'ignore' as const,
    name: 'don’t allow for it',
    note: 'The checks still say if it would get too tight.',
  },
  {
    value: 'add' as const,
    name: 'allow for it',
    note: 'The band is made longer by what the cord shrinks the first time it gets wet.',
  },
  {
    value: 'pre-shrink' as const,
    name: 'pre-shrink the cord',
    note: 'Wet and dry the cord before you cut it.',
  },
];

export function MarginWord() {
  const chance = chanceOf(useBench().design);
  const problem = useProblem('/tailMm', '/roundToMm', '/chance');
  return (
    <Word
      label="Cutting"
      letter="m"
      text={chance === CHANCES.measured ? 'about 98 % sure to reach' : `${chanceText(chance)} sure to reach`}
      problem={problem}
      picker={MarginPicker}
      width="wide"
    />
  );
}

const OFFERED = [
  { value: CHANCES['never-short'], name: 'never short: 99.9 %', note: 'One piece in a thousand runs short.' },
  {
    value: CHANCES.measured,
    name: '98 %',
    note: 'About one piece in fifty runs short, until your own pieces say more.',
  },
  { value: CHANCES.thrifty, name: 'thrifty: 90 %', note: 'One in ten runs short; for when cord is scarce.' },
];

function MarginPicker() {
  const { design, dispatch } = useBench();
  const show = useLength();
  const chance = chanceOf(design);
  const usual = usePlan()?.plan.hands.plannedMm;
  return (
    <div className="flex max-h-[min(36rem,62vh)] flex-col gap-3 overflow-y-auto pr-1">
      <Choices
        label="What chance that the cord is long enough?"
        value={chance}
        onChange={(next) => dispatch({ type: 'chance', chance: next }, 'chance')}
        choices={OFFERED}
      />
      <ChanceField
        chance={chance}
        onChange={(next) => dispatch({ type: 'chance', chance: next }, 'chance')}
      />
      <Choices
        label="How do you pull the last ends through?"
        value={design.hands ?? 'fingers'}
        onChange={(hands) => dispatch({ type: 'hands', hands }, 'hands')}
        choices={HANDS}
      />
      <div className="grid grid-cols-2 gap-3">
        <LengthField
          label="I hold"
          valueMm={design.tailMm ?? usual}
          leastMm={20}
          mostMm={400}
          hint={
            design.tailMm === undefined && usual !== undefined
              ? `${show(usual, { kind: 'small' })} at the last row; knots and sliders need less.`
              : 'Of every end; it is snipped off afterwards.'
          }
          onChange={(mm) => dispatch({ type: 'tail', mm }, 'tail')}
        />
        <LengthField
          label="Round cuts up to"
          kind="small"
          valueMm={design.roundToMm ?? DEFAULT_ROUND_MM}
          leastMm={1}
          mostMm={200}
          hint="A step that your ruler shows."
          onChange={(mm) => dispatch({ type: 'round', mm }, 'round')}
        />
      </div>
      <Choices
        label="When it first gets wet"
        value={design.wet ?? 'ignore'}
        onChange={(wet) => dispatch({ type: 'wet', wet }, 'wet')}
        choices={WET}
      />
    </div>
  );
}

/** Any other chance, in per cent. What cannot be promised stays in the field with a message. */
function ChanceField({
  chance,
  onChange,
}: {
  readonly chance: number;
  readonly onChange: (c: number) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? String(Number((chance * 100).toFixed(2)));
  const value = Number(shown.replace(',', '.').replace('%', '')) / 100;
  const isBad = !(value >= LEAST_CHANCE && value <= MOST_CHANCE);
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor="chance" className="font-medium text-sm">
        Or your own, in per cent
      </label>
      <input
        id="chance"
        className="figure w-28 rounded border border-ink-soft bg-card px-2 py-1.5 text-lg aria-invalid:border-bad aria-invalid:bg-bad-pale"
        value={shown}
        inputMode="decimal"
        autoComplete="off"
        aria-invalid={isBad ? true : undefined}
        aria-describedby="chance-note"
        onChange={(e) => {
          setTyped(e.target.value);
          const next = Number(e.target.value.replace(',', '.').replace('%', '')) / 100;
          if (next >= LEAST_CHANCE && next <= MOST_CHANCE) onChange(next);
        }}
        onBlur={() => !isBad && setTyped(undefined)}
      />
      <p
        id="chance-note"
        role={isBad ? 'alert' : undefined}
        className={`text-sm ${isBad ? 'text-bad' : 'text-ink-soft'}`}
      >
        {isBad ? 'Choose a chance between 50 % and 99.99 %.' : '50 % to 99.99 %'}
      </p>
    </div>
  );
}
