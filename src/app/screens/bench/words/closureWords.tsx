import { Suspense } from 'react';
import { findClosure } from '../../../../core/closures/index.ts';
import { whyText } from '../../../../core/why/why.ts';
import { lazily } from '../../../ui/lazily.ts';
import { useUnits } from '../../../ui/units.tsx';
import { type PickerProps, Word } from '../../../ui/Word.tsx';
import { useBench } from '../BenchContext.tsx';
import { useProblem } from './problems.tsx';

const Picker = lazily(() => import('./ClosurePicker.tsx'));

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

function ClosurePicker({ close }: PickerProps) {
  return (
    <Suspense fallback={<p className="text-ink-soft">Fetching the closures…</p>}>
      <Picker close={close} />
    </Suspense>
  );
}
