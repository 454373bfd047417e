import { Check, Circle, LoaderCircle, X } from 'lucide-react';
import type { Tried, useSelfTest } from '../../state/selfTest.ts';
import { Button } from '../../ui/Button.tsx';

interface Props {
  readonly test: ReturnType<typeof useSelfTest>;
  readonly onReport: () => void;
}

const MARKS = {
  waiting: { icon: Circle, tone: 'text-ink-soft', word: 'not tried yet' },
  pulling: { icon: LoaderCircle, tone: 'text-amber-ink', word: 'being pulled tight…' },
  well: { icon: Check, tone: 'text-good', word: 'as it should be' },
  wrong: { icon: X, tone: 'text-bad', word: 'not as it should be' },
} as const satisfies Record<Tried['state'], object>;

/** Three knots pulled tight on this device and set against those that were shipped; and a report to send. */
export function SelfTest({ test: { tried, isRunning, run }, onReport }: Props) {
  return (
    <section aria-label="Self-test" className="flex flex-col gap-3">
      <h2 className="font-bold font-title text-xl">Is the rope engine working?</h2>
      <p>
        Pulls three knots tight on this device and compares them with the ones that came with the program.
      </p>
      <ul className="flex flex-col gap-1" aria-live="polite">
        {tried.map((t) => {
          const { icon: Icon, tone, word } = MARKS[t.state];
          return (
            <li key={t.id} className="flex items-center gap-2" data-testid={`self-test-${t.id}`}>
              <Icon size={20} aria-hidden className={`shrink-0 ${tone}`} />
              <span>
                <span className="font-medium">{t.name}</span>: {word}
                {t.detail && <span className="text-ink-soft">, {t.detail}</span>}
              </span>
            </li>
          );
        })}
      </ul>
      <div className="flex flex-wrap gap-3">
        <Button look="next" disabled={isRunning} onClick={() => run()}>
          Run the self-test
        </Button>
        <Button onClick={onReport}>Save a report</Button>
      </div>
      <p className="text-ink-soft">
        The report tells versions, sizes and the result above. It holds no name, design or measure.
      </p>
    </section>
  );
}
