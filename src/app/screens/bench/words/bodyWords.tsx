import { Suspense, useCallback, useRef } from 'react';
import { findProduct, PRODUCTS, type Product } from '../../../../core/fit/products.ts';
import { type Ease, FLAT_ADD_MM, fitFor, SLACKS, sameEase } from '../../../../core/fit/schools.ts';
import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import { asProduct } from '../../../../core/plan/adapt.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { Disclosed } from '../../../ui/Disclosed.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { lazily } from '../../../ui/lazily.ts';
import { MeasurePicture } from '../../../ui/MeasurePicture.tsx';
import { useLength, useUnits } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { type PickerProps, Word } from '../../../ui/Word.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { MeasureField, useTold } from './measureWords.tsx';
import { Problem, useProblem } from './problems.tsx';

const GirthHelp = lazily(() => import('./GirthHelp.tsx'));
const RingProducts = lazily(() => import('./RingProducts.tsx'));

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
        choices={PRODUCTS.map((p) => ({ value: p.id, name: p.name, note: otherMeasures(p) }))}
      />
      <Suspense>
        <RingProducts />
      </Suspense>
    </>
  );
}

function otherMeasures(product: Product): string {
  const also = product.measures.filter((m) => m.id !== product.passes).map((m) => m.name);
  return `measured: ${[product.girth.name, ...also].join(', ')}`;
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
        maxLength={LIMITS.design['/wearer/name']}
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
  const waiting = useRef(0);
  const nudge = useCallback((more: number, gesture: string) => {
    const { bench: now, units: system } = latest.current;
    waiting.current += more;
    // All steps that come until the last edit is written are one edit.
    now.inStep(() => {
      const steps = waiting.current;
      waiting.current = 0;
      if (steps === 0) return;
      now.dispatch({ type: 'girth-steps', steps, stepMm: system === 'imperial' ? 25.4 / 8 : 1 }, gesture);
    });
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
  const show = useLength();
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
      {design.wearer.girthSdMm !== undefined && (
        <p className="text-sm" data-testid="girth-known">
          Measured without a tape: ± {show(design.wearer.girthSdMm, { kind: 'small' })}.
        </p>
      )}
      <Disclosed label="No tape measure?">
        <Suspense>
          <GirthHelp />
        </Suspense>
      </Disclosed>
      {untold.length > 0 && <hr className="border-rule" />}
      {untold.map((m) => (
        <MeasureField key={m.id} measure={m} />
      ))}
    </form>
  );
}

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
      label="Fit"
      letter="e"
      text={easeText(ease, show)}
      problem={useProblem('/ease')}
      picker={EasePicker}
      width="wide"
    />
  );
}

const fitName = (slackMm: number): string | undefined => {
  const named = SLACKS.find((s) => s.slackMm === slackMm);
  return named && `${named.id} fit`;
};

function easeText(ease: Ease, show: ReturnType<typeof useLength>): string {
  if (ease.school === 'try-on') return 'fitted by trying it on';
  if (ease.school === 'flat') return `${show(ease.addMm, { kind: 'small' })} longer than the girth`;
  if (ease.school === 'fingers') return `${ease.fingers === 1 ? 'one-finger' : `${ease.fingers}-finger`} fit`;
  return fitName(ease.slackMm) ?? `${show(ease.slackMm, { kind: 'small' })} of slack`;
}

function EasePicker() {
  const { design, dispatch } = useBench();
  const show = useLength();
  const { ease } = design;
  const thickness = usePlan()?.plan.metrics.thicknessMm ?? 0;
  return (
    <>
      <Choices
        label="How should it fit? Each with the finished length it gives."
        value={ease}
        by={sameEase}
        onChange={(next) => dispatch({ type: 'ease', ease: next }, 'ease')}
        choices={USUAL.map((e) => {
          const fit = fitFor(design.wearer.girthMm, thickness, e);
          return {
            value: e,
            name: `${fit.label} — ${show(fit.finishedMm)}`,
            note: <WhyText why={fit.why} />,
          };
        })}
      />
      <LengthField
        label="Custom slack"
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
