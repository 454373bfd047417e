import { useCallback, useRef } from 'react';
import { type Measure, type Measured, measured } from '../../../../core/fit/measures.ts';
import { findProduct, PRODUCTS, type Product } from '../../../../core/fit/products.ts';
import { type Ease, FLAT_ADD_MM, fitted, SLACKS, sameEase } from '../../../../core/fit/schools.ts';
import type { Design } from '../../../../core/formats/design.ts';
import { asProduct } from '../../../../core/plan/adapt.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { MeasurePicture } from '../../../ui/MeasurePicture.tsx';
import { useLength, useUnits } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { Problem, useProblem } from './problems.tsx';
import { WidthHelp } from './WidthHelp.tsx';
import { type PickerProps, Word } from './Word.tsx';

export function ProductWord() {
  const { design } = useBench();
  const text = findProduct(design.product)?.name ?? design.product;
  return (
    <Word label="Product" letter="p" text={text} problem={useProblem('/product')} picker={ProductPicker} />
  );
}

function ProductPicker() {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  return (
    <>
      <Problem path="/product" />
      <Choices
        label="What is it?"
        value={design.product}
        onChange={(id) => dispatch({ type: 'become', design: asProduct(design, id, know) }, 'product')}
        choices={PRODUCTS.map((p) => ({ value: p.id, name: p.name, note: alsoMeasured(p) }))}
      />
    </>
  );
}

function alsoMeasured(p: Product): string {
  const also = p.measures.filter((m) => m.id !== p.passes).map((m) => m.name);
  return `measured: ${[p.girth.name, ...also].join(', ')}`;
}

export function WearerWord() {
  const { design } = useBench();
  return <Word label="Wearer" letter="n" text={design.wearer.name || 'someone'} picker={WearerPicker} />;
}

function WearerPicker({ close }: PickerProps) {
  const { design, dispatch } = useBench();
  return (
    <label className="flex flex-col gap-1">
      <span className="font-medium text-sm">Who will wear it?</span>
      <input
        className="rounded border border-ink-soft bg-white px-2 py-1.5 text-lg"
        value={design.wearer.name}
        maxLength={60}
        autoComplete="off"
        onChange={(e) => dispatch({ type: 'wearer', name: e.target.value }, 'wearer')}
        onKeyDown={(e) => e.key === 'Enter' && close()}
      />
    </label>
  );
}

const bodyOf = (product: string) => (findProduct(product) ?? PRODUCTS[0]!).girth;

export function GirthWord() {
  const bench = useBench();
  const show = useLength();
  const units = useUnits();
  const latest = useRef({ bench, units });
  latest.current = { bench, units };
  const nudge = useCallback((steps: number, gesture: string) => {
    const { bench: now, units: system } = latest.current;
    const { leastMm, mostMm } = bodyOf(now.design.product);
    const step = system === 'imperial' ? 25.4 / 8 : 1;
    const mm = Math.round(now.design.wearer.girthMm / step + steps) * step;
    now.dispatch({ type: 'girth', mm: Math.min(mostMm, Math.max(leastMm, mm)) }, gesture);
  }, []);
  const { design } = bench;
  return (
    <Word
      label={`${bodyOf(design.product).name} girth`}
      letter="g"
      text={show(design.wearer.girthMm)}
      problem={useProblem('/wearer/girthMm')}
      picker={GirthPicker}
      onNudge={nudge}
    />
  );
}

function GirthPicker({ close }: PickerProps) {
  const { design, dispatch } = useBench();
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  const { name, how, picture, leastMm, mostMm } = product.girth;
  // What the sentence does not tell is entered here.
  const isTold = useTold().length > 0;
  const untold = isTold ? [] : product.measures;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        close();
      }}
      className="flex flex-col gap-3"
    >
      <Problem path="/wearer/girthMm" />
      <div className="flex items-start gap-3">
        <MeasurePicture picture={picture} />
        <LengthField
          label={`Girth of the ${name}`}
          valueMm={design.wearer.girthMm}
          leastMm={leastMm}
          mostMm={mostMm}
          onChange={(mm) => dispatch({ type: 'girth', mm }, 'girth')}
        />
      </div>
      <p className="text-ink-soft text-sm">{how}</p>
      {untold.length > 0 && <hr className="border-rule" />}
      {untold.map((m) => (
        <MeasureField key={m.id} measure={m} />
      ))}
    </form>
  );
}

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
function useTold(): readonly Measure[] {
  const { design } = useBench();
  const shown = usePlan();
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  const opensUp = shown?.planned.product === design.product && shown.plan.closed.openMm === undefined;
  return product.measures.filter((m) =>
    m.id === product.passes ? !opensUp || design.measures?.[m.id] !== undefined : TOLD.has(m.id),
  );
}

function measureIn(design: Design, m: Measure): Measured | undefined {
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  return measured(m, design.measures?.[m.id], { name: product.girth.name, mm: design.wearer.girthMm });
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
function MeasureField({ measure: m }: { readonly measure: Measure }) {
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

const USUAL: readonly Ease[] = [
  ...SLACKS.map((s) => ({ school: 'thickness' as const, slackMm: s.slackMm })),
  { school: 'flat', addMm: FLAT_ADD_MM },
  { school: 'fingers', fingers: 1 },
  { school: 'fingers', fingers: 2 },
  { school: 'try-on' },
];

export function EaseWord() {
  const { ease } = useBench().design;
  const show = useLength();
  return (
    <Word
      label="Ease"
      letter="e"
      text={easeText(ease, show)}
      problem={useProblem('/ease')}
      picker={EasePicker}
      width="wide"
    />
  );
}

function easeText(ease: Ease, show: ReturnType<typeof useLength>): string {
  if (ease.school === 'try-on') return 'as it fits when tried on';
  if (ease.school === 'flat') return `with a flat ${show(ease.addMm, { kind: 'small' })}`;
  if (ease.school === 'fingers')
    return `${ease.fingers === 1 ? 'one finger' : `${ease.fingers} fingers`} loose`;
  return (
    SLACKS.find((s) => s.slackMm === ease.slackMm)?.id ??
    `with ${show(ease.slackMm, { kind: 'small' })} slack`
  );
}

function EasePicker() {
  const { design, dispatch } = useBench();
  const show = useLength();
  const { ease } = design;
  const thickness = usePlan()?.plan.metrics.thicknessMm ?? 0;
  return (
    <>
      <Choices
        label="How loosely is it worn? Each with the finished length that it gives."
        value={ease}
        by={sameEase}
        onChange={(next) => dispatch({ type: 'ease', ease: next }, 'ease')}
        choices={USUAL.map((e) => {
          const fit = fitted(design.wearer.girthMm, thickness, e);
          return {
            value: e,
            name: `${fit.label} — ${show(fit.finishedMm)}`,
            note: <WhyText why={fit.why} />,
          };
        })}
      />
      <LengthField
        label="Own slack, over the thickness"
        kind="small"
        valueMm={ease.school === 'thickness' ? ease.slackMm : undefined}
        leastMm={0}
        mostMm={80}
        hint="Slack is the room left inside once it is closed."
        onChange={(v) => dispatch({ type: 'ease', ease: { school: 'thickness', slackMm: v } }, 'ease')}
      />
    </>
  );
}
