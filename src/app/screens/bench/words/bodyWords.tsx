import { findProduct, PRODUCTS } from '../../../../core/fit/products.ts';
import { type Ease, FLAT_ADD_MM, fitted, SLACKS, sameEase } from '../../../../core/fit/schools.ts';
import { Choices } from '../../../ui/Choices.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { useLength, useUnits } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { useBench } from '../BenchContext.tsx';
import { Word } from './Word.tsx';

const problemAt = (issues: readonly { path: string; message: string }[], path: string) =>
  issues.find((i) => i.path.startsWith(path))?.message;

/** An issue's words, where the word that it is about is edited. */
export function Problem({ path }: { readonly path: string }) {
  const message = problemAt(useBench().issues, path);
  return message ? (
    <p role="alert" className="rounded bg-bad-pale px-2 py-1 text-bad text-sm">
      {message}
    </p>
  ) : null;
}

export const useProblem = (path: string) => problemAt(useBench().issues, path);

export function ProductWord() {
  const { design, issues } = useBench();
  return (
    <Word
      label="Product"
      letter="p"
      text={findProduct(design.product)?.name ?? design.product}
      problem={problemAt(issues, '/product')}
    >
      {() => (
        <>
          <Problem path="/product" />
          <Choices
            label="What is it?"
            value={design.product}
            onChange={() => undefined}
            choices={PRODUCTS.map((p) => ({ value: p.id, name: p.name, note: p.girth.how }))}
          />
        </>
      )}
    </Word>
  );
}

export function WearerWord() {
  const { design, dispatch } = useBench();
  return (
    <Word label="Wearer" letter="n" text={design.wearer.name || 'someone'}>
      {(close) => (
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
      )}
    </Word>
  );
}

export function GirthWord() {
  const { design, dispatch } = useBench();
  const show = useLength();
  const units = useUnits();
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  const { name, how, leastMm, mostMm } = product.girth;
  const mm = design.wearer.girthMm;
  const step = units === 'imperial' ? 25.4 / 8 : 1;
  const nudge = (steps: number, gesture: string) => {
    const next = Math.round(mm / step + steps) * step;
    dispatch({ type: 'girth', mm: Math.min(mostMm, Math.max(leastMm, next)) }, gesture);
  };
  return (
    <Word
      label={`${name} girth`}
      letter="g"
      text={show(mm)}
      problem={useProblem('/wearer/girthMm')}
      onNudge={nudge}
    >
      {(close) => (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            close();
          }}
          className="flex flex-col gap-3"
        >
          <Problem path="/wearer/girthMm" />
          <LengthField
            label={`Girth of the ${name}`}
            valueMm={mm}
            leastMm={leastMm}
            mostMm={mostMm}
            onChange={(v) => dispatch({ type: 'girth', mm: v }, 'girth')}
          />
          <p className="text-ink-soft text-sm">{how}</p>
        </form>
      )}
    </Word>
  );
}

const USUAL: readonly Ease[] = [
  ...SLACKS.map((s) => ({ school: 'thickness' as const, slackMm: s.slackMm })),
  { school: 'flat', addMm: FLAT_ADD_MM },
  { school: 'fingers', fingers: 1 },
  { school: 'fingers', fingers: 2 },
];

export function EaseWord() {
  const { design, dispatch, plan } = useBench();
  const show = useLength();
  const { ease } = design;
  const thickness = plan?.metrics.thicknessMm ?? 0;
  const now = fitted(design.wearer.girthMm, thickness, ease);
  const text =
    ease.school === 'flat'
      ? `with a flat ${show(ease.addMm, { kind: 'small' })}`
      : ease.school === 'fingers'
        ? `${now.label} loose`
        : now.label === 'own slack'
          ? `with ${show(ease.slackMm, { kind: 'small' })} slack`
          : now.label;
  return (
    <Word label="Ease" letter="e" text={text} problem={useProblem('/ease')} wide>
      {() => (
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
      )}
    </Word>
  );
}
