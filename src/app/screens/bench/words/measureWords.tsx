import { type Measure, type Measured, measureOf } from '../../../../core/fit/measures.ts';
import { findProduct, PRODUCTS } from '../../../../core/fit/products.ts';
import type { Design } from '../../../../core/formats/design.ts';
import { Button } from '../../../ui/Button.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { MeasurePicture } from '../../../ui/MeasurePicture.tsx';
import { useLength } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { Word } from '../../../ui/Word.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { useProblem } from './problems.tsx';
import { WidthHelp } from './WidthHelp.tsx';

/** Whatever else is measured: shown in the sentence as far as it says something about this piece. */
export function MeasuresWord() {
  const { design } = useBench();
  const show = useLength();
  const problem = useProblem('/measures');
  const told = useTold();
  if (told.length === 0) return null;
  const text = told
    .map((m) => {
      const value = measureIn(design, m);
      const about = m.estimate && !value?.isMeasured ? 'about ' : '';
      return value ? `${m.name} ${about}${show(value.mm, { kind: m.estimate ? 'body' : 'small' })}` : m.name;
    })
    .join(', ');
  return (
    <>
      ,{' '}
      <Word label="Measures" letter="h" text={text} problem={problem} picker={MeasuresPicker} width="wide" />
    </>
  );
}

/** Measures that say what kind of piece it is. */
const TOLD = new Set(['lug', 'lugToLug', 'width', 'ringAt']);

/** A hand or heel is told where the piece must pass over it, or where it was measured. */
export function useTold(): readonly Measure[] {
  const { design } = useBench();
  const shown = usePlan();
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  const opensUp = shown?.planned.product === design.product && shown.plan.closed.openMm === undefined;
  return product.measures.filter((m) =>
    m.id === product.passes ? !opensUp || design.measures?.[m.id] !== undefined : TOLD.has(m.id),
  );
}

function measureIn(design: Design, measure: Measure): Measured | undefined {
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  return measureOf(measure, design.measures?.[measure.id], {
    name: product.girth.name,
    mm: design.wearer.girthMm,
  });
}

function MeasuresPicker() {
  const { design } = useBench();
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  return (
    <div className="flex max-h-[min(34rem,70vh)] flex-col gap-4 overflow-y-auto pr-1">
      {product.measures.map((m) => (
        <MeasureField key={m.id} measure={m} />
      ))}
      <WidthHelp />
    </div>
  );
}

/** One measure with its drawing; where it is estimated it says from what, and how far that may be off. */
export function MeasureField({ measure: m }: { readonly measure: Measure }) {
  const { design, dispatch } = useBench();
  const value = measureIn(design, m);
  const girth = (findProduct(design.product) ?? PRODUCTS[0]!).girth.name;
  return (
    <div className="flex items-start gap-3">
      <MeasurePicture picture={m.picture} />
      <div className="flex min-w-0 grow flex-col gap-1">
        <LengthField
          label={capital(m.name)}
          kind={m.estimate ? 'body' : 'small'}
          valueMm={value?.mm}
          leastMm={m.leastMm}
          mostMm={m.mostMm}
          hint={m.how}
          onChange={(mm) => dispatch({ type: 'measure', id: m.id, mm }, `measure-${m.id}`)}
        />
        {value && !value.isMeasured && m.estimate && (
          <p
            className="rounded bg-amber-pale px-2 py-1 text-amber-ink text-sm"
            data-testid={`estimate-${m.id}`}
          >
            <WhyText why={value.why} />
          </p>
        )}
        {value?.isMeasured && m.estimate && (
          <Button onClick={() => dispatch({ type: 'measure', id: m.id, mm: undefined })}>
            Estimate it from the {girth}
          </Button>
        )}
      </div>
    </div>
  );
}

const capital = (word: string): string => word[0]!.toUpperCase() + word.slice(1);
