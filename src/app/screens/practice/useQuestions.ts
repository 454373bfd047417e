import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { questionOf } from '../../../core/practice/drills.ts';
import type { DrillCard, DrillKind, Question } from '../../../core/practice/types.ts';
import { isQuick } from '../../../core/practice/weaves.ts';
import { seeded } from '../../../core/random.ts';
import type { usePractice } from '../../state/practice.ts';
import { useStretches } from '../../state/useStretches.ts';
import { stretchOfQuestion } from './stretchOfQuestion.ts';

/** Drills with a tight stretch, which is pulled while one practises. */
const PULLED: ReadonlySet<DrillKind> = new Set(['read-bump', 'spot-slip']);

/** After so many that could not be drawn something else is wrong. */
const MOST_SKIPPED = 5;

const isSlow = (card: DrillCard): boolean => PULLED.has(card.kind) && !isQuick(card.weave);

interface Chosen {
  readonly now: Question;
  /** One that takes long and is being pulled meanwhile. */
  readonly later?: Question | undefined;
}

/**
 * Question after question of the drills of a kind. The stretch of the next one is pulled tight while an answer is read; one
 * that takes long is begun when its turn has come, and asked as soon as it is tight: until then others are.
 */
export function useQuestions(
  deck: readonly DrillCard[] | undefined,
  { isReady, next }: Pick<ReturnType<typeof usePractice>, 'isReady' | 'next'>,
  kind: DrillKind | 'all',
) {
  const [round, setRound] = useState(() => Date.now() % 1_000_000);
  const [question, setQuestion] = useState<Question>();
  const [given, setGiven] = useState<string>();
  const [askedAt, setAskedAt] = useState(0);
  const [slow, setSlow] = useState<Question>();
  const pulled = useMemo(() => stretches([slow]), [slow]);
  const tight = useStretches(pulled).get(slow?.card.id ?? '');

  const choose = (number: number): Chosen => {
    const cards = deck?.filter((c) => kind === 'all' || c.kind === kind) ?? [];
    const isTight = tight !== undefined && tight !== 'failed';
    if (slow && isTight && cards.some((c) => c.id === slow.card.id)) return { now: slow };
    const pick = (from: readonly DrillCard[]) => {
      const uniform = seeded(number);
      return questionOf(next(from, Date.now(), uniform, question?.card.id), uniform);
    };
    const first = pick(cards);
    if (!isSlow(first.card)) return { now: first, later: slow };
    return {
      now: pick(cards.filter((c) => !isSlow(c))),
      later: slow && tight !== 'failed' ? slow : first,
    };
  };

  // What comes next is settled once there is an answer, which has no share in it; and pulled while that is read.
  // biome-ignore lint/correctness/useExhaustiveDependencies: settled once
  const settled = useMemo(
    () => (given === undefined || !question ? undefined : { round: round + 1, ...choose(round + 1) }),
    [given, question],
  );
  const coming = useRef<typeof settled>(undefined);
  if (settled) coming.current = settled;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new round asks again; an answer just kept does not
  useEffect(() => {
    if (!isReady || !deck) return;
    const { now, later } = coming.current?.round === round ? coming.current : choose(round);
    coming.current = undefined;
    setQuestion(now);
    setSlow(later);
    setGiven(undefined);
    setAskedAt(Date.now());
  }, [round, isReady, kind, deck]);

  const shown = useMemo(() => stretches([question, settled?.now]), [question, settled]);
  const cannotBeDrawn = useStretches(shown).get(question?.card.id ?? '') === 'failed';
  const goOn = useCallback(() => setRound((r) => r + 1), []);
  // What cannot be pulled tight is not asked; where nothing can be, the picture says so.
  const skipped = useRef(0);
  useEffect(() => {
    if (!cannotBeDrawn || skipped.current >= MOST_SKIPPED) return;
    skipped.current++;
    goOn();
  }, [cannotBeDrawn, goOn]);
  return { question, given, setGiven, askedAt, goOn };
}

const stretches = (questions: readonly (Question | undefined)[]) =>
  questions.map((q) => q && stretchOfQuestion(q)).filter((a) => a !== undefined);
