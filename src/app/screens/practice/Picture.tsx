import type { Question } from '../../../core/practice/types.ts';
import { FaceQuestion } from './FaceQuestion.tsx';
import { RingQuestion } from './RingQuestion.tsx';
import { SideQuestion } from './SideQuestion.tsx';
import { StretchQuestion } from './StretchQuestion.tsx';
import { WordsQuestion } from './WordsQuestion.tsx';

interface Props {
  readonly question: Question;
  readonly given: string | undefined;
  readonly onGive: (value: string) => void;
}

/** What a question is asked of; some can be answered by a press on the picture. */
export function Picture({ question, given, onGive }: Props) {
  switch (question.card.kind) {
    case 'next-side':
      return <SideQuestion weave={question.card.weave} rows={question.rows!} />;
    case 'next-half-cycle':
      return <RingQuestion question={question} given={given} />;
    case 'name-it':
      return <FaceQuestion weave={question.card.weave} isTurned={given !== undefined} />;
    case 'from-words':
      return <WordsQuestion question={question} given={given} onGive={onGive} />;
    case 'read-bump':
    case 'spot-slip':
      return <StretchQuestion question={question} given={given} onGive={onGive} />;
  }
}
