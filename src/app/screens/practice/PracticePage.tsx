import { useCallback, useEffect, useMemo, useState } from 'react';
import { DRILL_KINDS, type DrillKind } from '../../../core/practice/types.ts';
import { Hint } from '../../help/Hint.tsx';
import { Linked } from '../../help/Linked.tsx';
import { useDeck, usePractice } from '../../state/practice.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Select } from '../../ui/Select.tsx';
import { Known } from './Known.tsx';
import { Picture } from './Picture.tsx';
import { useQuestions } from './useQuestions.ts';
import { KINDS, wordsOf } from './words.ts';

/** Drills whose answers are told apart by nothing but their words. */
const NUMBERED: ReadonlySet<DrillKind> = new Set(['name-it', 'read-bump', 'next-half-cycle']);

/** What hands learn, away from the cord: which side next, which weave is this. Short questions, by keyboard or thumb; what is shaky comes back sooner. */
export default function PracticePage() {
  const practice = usePractice();
  const { cards: deck, problem } = useDeck();
  const [kind, setKind] = useState<DrillKind | 'all'>('all');
  const [isClass, setClass] = useState(false);
  const { answered } = practice;
  const { question, given, setGiven, askedAt, goOn } = useQuestions(deck, practice, kind);

  const give = useCallback(
    (value: string) => {
      if (!question || given !== undefined) return;
      setGiven(value);
      const now = Date.now();
      // In a class many answer: what one of them knows says nothing of the others.
      if (!isClass) void answered(question.card, value === question.answer, (now - askedAt) / 1000, now);
    },
    [question, given, setGiven, answered, askedAt, isClass],
  );

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (!question || e.ctrlKey || e.metaKey || e.altKey || target.closest?.('input,textarea,select'))
        return;
      // A key held down answers once, and skips nothing that nobody has read.
      if (e.repeat) return;
      if (given !== undefined) {
        if (e.key !== ' ' && e.key !== 'Enter') return;
        if (target.closest?.('button,a')) return;
        e.preventDefault();
        return goOn();
      }
      const index =
        question.card.kind === 'next-side' ? ['ArrowLeft', 'ArrowRight'].indexOf(e.key) : Number(e.key) - 1;
      const choice = question.choices[index];
      if (!choice) return;
      e.preventDefault();
      give(choice.value);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [question, given, give, goOn]);

  const words = useMemo(() => (question ? wordsOf(question) : undefined), [question]);
  if (!question || !words)
    return (
      <main className="p-5 text-ink-soft">
        {problem ? <Problem>{problem}</Problem> : 'Looking through the weaves for what can be asked…'}
      </main>
    );
  const isRight = given === question.answer;
  return (
    <main className="grid grid-cols-1 gap-5 px-5 py-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <section aria-label="Question" className="flex min-w-0 flex-col gap-3">
        <div className="flex flex-wrap items-center gap-4">
          <Select
            label="Practise"
            value={kind}
            choices={[
              { value: 'all' as const, name: 'everything' },
              ...DRILL_KINDS.map((k) => ({ value: k, name: KINDS[k] })),
            ]}
            onChange={setKind}
          />
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-amber-ink"
              checked={isClass}
              onChange={(e) => setClass(e.target.checked)}
            />
            in a class: don’t keep answers
          </label>
        </div>
        <Hint id="practice-keys">Press an answer, or type its key. Enter goes on.</Hint>
        <h1 className="font-bold font-title text-3xl">{words.ask}</h1>
        {question.told && (
          <ol className="list-decimal pl-6 text-lg" data-testid="told">
            {question.told.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ol>
        )}
        <p className="text-ink-soft">{words.how}</p>
        <Boundary name="The picture" keys={[question]}>
          <div className="on-mat own-layer flex min-h-80 items-center justify-center rounded-xl bg-mat p-4">
            <Picture question={question} given={given} onGive={give} />
          </div>
        </Boundary>
        <div className="flex flex-wrap gap-2">
          {question.choices.map((c, i) => (
            <Button
              key={c.value}
              look={given === undefined ? 'plain' : c.value === question.answer ? 'next' : 'plain'}
              disabled={given !== undefined && c.value !== question.answer && c.value !== given}
              aria-keyshortcuts={
                question.card.kind === 'next-side' ? (i === 0 ? 'ArrowLeft' : 'ArrowRight') : `${i + 1}`
              }
              className={`min-h-12 px-5 text-lg ${question.choices.length > 6 ? '' : 'min-w-32'}`}
              onClick={() => give(c.value)}
            >
              {NUMBERED.has(question.card.kind) && <span className="figure text-ink-soft">{i + 1}</span>}
              {c.name}
            </Button>
          ))}
        </div>
        <div role="status" className="min-h-24">
          {given !== undefined && (
            <>
              <p
                className={`font-semibold text-xl ${isRight ? 'text-good' : 'text-bad'}`}
                data-testid="verdict"
              >
                {isRight ? '✓ Right.' : '✗ Not quite.'}
              </p>
              <p className="max-w-3xl text-lg">
                <Linked text={question.why} />
              </p>
              <Button look="next" className="mt-2 px-6 py-2 text-lg" onClick={goOn}>
                Next <span className="text-[15px]">Space</span>
              </Button>
            </>
          )}
        </div>
      </section>
      <Known cards={deck ?? []} practice={practice} now={question.card.id} />
    </main>
  );
}
