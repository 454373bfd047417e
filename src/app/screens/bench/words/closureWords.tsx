import { CLOSURES, findClosure } from '../../../../core/closures/index.ts';
import { isList } from '../../../../core/closures/options.ts';
import type { Closure, Option } from '../../../../core/closures/types.ts';
import { findProduct } from '../../../../core/fit/products.ts';
import { adapt } from '../../../../core/plan/adapt.ts';
import { whyText } from '../../../../core/why/why.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { useUnits } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { Problem, useProblem } from './problems.tsx';
import { Word } from './Word.tsx';

export function ClosureWord() {
  const { closure: spec } = useBench().design;
  const units = useUnits();
  const closure = findClosure(spec.kind);
  return (
    <Word
      label="Closure"
      letter="b"
      text={closure ? whyText(closure.phrase(spec), units) : spec.kind}
      problem={useProblem('/closure')}
      picker={ClosurePicker}
      width="widest"
    />
  );
}

function ClosurePicker() {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const facts = know.facts(design.pattern.id);
  const product = findProduct(design.product);
  const offered = CLOSURES.filter((c) => product?.closures.includes(c.id));
  const closure = findClosure(design.closure.kind);
  return (
    <>
      <Problem path="/closure" />
      <div className="grid gap-x-6 gap-y-4 md:grid-cols-[1fr_1fr]">
        <Choices
          label="How is it closed?"
          value={design.closure.kind}
          onChange={(kind) =>
            dispatch({ type: 'become', design: adapt(design, { closure: { kind } }, know) }, 'closure')
          }
          choices={offered.map((c) => {
            const reason = facts && c.unsuited?.(facts);
            return { value: c.id, name: c.name, note: reason, isOff: reason !== undefined };
          })}
        />
        {closure && (
          <div className="flex max-h-[min(26rem,55vh)] flex-col gap-4 overflow-y-auto pr-1">
            <p className="text-ink-soft text-sm">{closure.words}</p>
            {closure.options.map((option) => (
              <OptionField key={`${closure.id} ${option.key}`} closure={closure} option={option} />
            ))}
          </div>
        )}
      </div>
    </>
  );
}

function OptionField({ closure, option }: { readonly closure: Closure; readonly option: Option }) {
  const { design, dispatch } = useBench();
  const units = useUnits();
  const closed = usePlan()?.plan.closed;
  const spec = design.closure;
  const set = (value: number | string | undefined) =>
    dispatch({ type: 'closure', options: { [option.key]: value } }, `closure-${option.key}`);
  if (isList(option)) {
    return (
      <Choices<number | string>
        label={option.label}
        value={spec[option.key] ?? option.usual}
        onChange={set}
        choices={option.choices.map((c) => ({
          value: c.value,
          name: whyText(c.name, units),
          note: c.note && c.note.length > 0 ? <WhyText why={c.note} /> : undefined,
        }))}
      />
    );
  }
  const typed = spec[option.key];
  const worked =
    option.key === 'openMm' ? closed?.openMm : option.key === 'gapMm' ? closed?.gapMm : undefined;
  return (
    <div className="flex flex-col gap-2">
      <LengthField
        label={option.label}
        kind="small"
        valueMm={typed ?? worked ?? option.usualMm?.(spec)}
        leastMm={option.leastMm}
        mostMm={option.mostMm}
        hint={
          option.key !== 'lengthMm' || closure.family !== 'buckled'
            ? option.hint
            : typed === undefined
              ? `Typical. ${option.hint}`
              : `As you measured it. ${option.hint}`
        }
        onChange={set}
      />
      {typed !== undefined && (
        <Button onClick={() => set(undefined)}>
          {option.key === 'lengthMm' ? 'Use the typical length' : 'Let it be worked out'}
        </Button>
      )}
    </div>
  );
}
