import { Link } from 'react-router';
import type { Term } from '../../core/glossary/terms.ts';
import { WORDS_PATH } from '../paths.ts';
import { TermFigure } from './TermFigure.tsx';

/** A word with its picture, where it is met. */
export default function TermCard({ term }: { readonly term: Term }) {
  return (
    <>
      <TermFigure term={term} />
      <div className="p-4">
        <p className="font-bold font-title text-xl">{term.word}</p>
        <p className="mt-1">{term.means}</p>
        <p className="mt-2 text-ink-soft text-sm">{term.shows}.</p>
        <Link to={WORDS_PATH} className="mt-2 inline-block underline underline-offset-4">
          All the words
        </Link>
      </div>
    </>
  );
}
