import { termsIn } from '../../../core/glossary/terms.ts';
import { SIDE_NAMES } from '../../../core/steps/rows/moves.ts';
import { whyText } from '../../../core/why/why.ts';
import { LinkedWhy } from '../../help/Linked.tsx';
import { Disclosed } from '../../ui/Disclosed.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { useHere } from './TieContext.tsx';

/** What to do now, in large type; changes are announced. */
export function StepText() {
  const { step, guide, index, pass } = useHere();
  const isRow = step.picture?.kind === 'row';
  const side = isRow && !guide.isSideless ? guide.tying[pass]?.row(step.at!.row - 1).from : undefined;
  const texts = step.lines.map((line) => whyText(line));
  return (
    <section aria-label="Step">
      <h2
        className={`font-bold font-title leading-tight ${isRow ? 'sr-only' : 'text-[min(2.25rem,10vw)]'}`}
        data-testid="step-title"
      >
        {step.title}
      </h2>
      {step.isAdults && <p className="mt-1 font-semibold text-2xl text-bad">For the adult beside you</p>}
      <ol className={`mt-3 flex flex-col gap-3 ${isRow ? 'list-none' : ''}`} data-testid="step-lines">
        {step.lines.map((line, i) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: lines have no identity but their place
            key={i}
            className={`flex gap-3 leading-snug ${step.lines.length > 3 ? 'text-[min(1.35rem,7vw)]' : 'text-[min(1.65rem,8vw)]'}`}
          >
            {step.lines.length > 1 && (
              <span className="figure mt-0.5 shrink-0 text-ink-soft text-xl" aria-hidden>
                {i + 1}
              </span>
            )}
            <span>
              <LinkedWhy why={line} told={termsIn(texts.slice(0, i))} />
            </span>
          </li>
        ))}
      </ol>
      {step.full && (
        <Disclosed label="in full" className="mt-2 text-lg">
          <ul className="mt-1 flex flex-col gap-1 text-ink-soft" data-testid="step-full">
            {step.full.map((line, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: lines have no identity but their place
              <li key={i}>
                <WhyText why={line} />
              </li>
            ))}
          </ul>
        </Disclosed>
      )}
      {step.look && (
        <div className="mt-3 text-ink-soft text-xl leading-snug" data-testid="step-look">
          <span className="font-semibold">Look:</span> <LinkedWhy why={step.look} told={termsIn(texts)} />
        </div>
      )}
      <p role="status" className="sr-only" data-testid="announce">
        {isRow
          ? `Row ${step.at!.row} of ${step.at!.of}.${side ? ` From the ${SIDE_NAMES[side]}.` : ''}`
          : `${step.title}. Step ${index + 1} of ${guide.steps.length}.`}
      </p>
    </section>
  );
}
