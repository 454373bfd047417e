import type { Design } from '../../../../core/formats/design.ts';
import { DEFAULT_ROUND_MM, DEFAULT_TAIL_MM } from '../../../../core/plan/resolve.ts';
import { MARGINS } from '../../../../core/plan/setups/finish.ts';
import { Choices } from '../../../ui/Choices.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { useLength } from '../../../ui/units.tsx';
import { useBench } from '../BenchContext.tsx';
import { useProblem } from './problems.tsx';
import { Word } from './Word.tsx';

type Margin = NonNullable<Design['margin']>;
const MARGIN_WORDS: Record<Margin, string> = {
  'never-short': 'never to run short',
  measured: 'as measured',
  thrifty: 'thriftily',
};

const WET = [
  {
    value: 'ignore' as const,
    name: 'leave it',
    note: 'The checks still tell whether it would get too tight.',
  },
  {
    value: 'add' as const,
    name: 'add for it',
    note: 'The band is made longer by what the cord draws up when first wetted.',
  },
  {
    value: 'pre-shrink' as const,
    name: 'pre-shrink the cord',
    note: 'Wet and dry the cord before you cut it.',
  },
];

export function MarginWord() {
  const margin = useBench().design.margin ?? 'measured';
  const problem = useProblem('/tailMm', '/roundToMm');
  return (
    <Word
      label="Cutting"
      letter="m"
      text={MARGIN_WORDS[margin]}
      problem={problem}
      picker={MarginPicker}
      width="wide"
    />
  );
}

function MarginPicker() {
  const { design, dispatch } = useBench();
  const show = useLength();
  return (
    <>
      <Choices
        label="How much cord to spare?"
        value={design.margin ?? 'measured'}
        onChange={(next) => dispatch({ type: 'margin', margin: next }, 'margin')}
        choices={(Object.keys(MARGINS) as Margin[]).map((m) => ({
          value: m,
          name: MARGIN_WORDS[m],
          note: `${MARGINS[m] * 100} % more than needed, tails aside`,
        }))}
      />
      <div className="grid grid-cols-2 gap-3">
        <LengthField
          label="Tail to tie with"
          valueMm={design.tailMm ?? DEFAULT_TAIL_MM}
          leastMm={20}
          mostMm={400}
          hint={`Hands need ${show(100)} to ${show(150)}; less with a fid.`}
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
    </>
  );
}
