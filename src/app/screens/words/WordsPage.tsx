import { useState } from 'react';
import { TERMS } from '../../../core/glossary/terms.ts';
import { TermFigure } from '../../help/TermFigure.tsx';
import { SearchField } from '../../ui/SearchField.tsx';

/** The words of the craft, each with a picture from the engine. */
export default function WordsPage() {
  const [sought, setSought] = useState('');
  const wanted = sought.trim().toLowerCase();
  const found = TERMS.filter(
    (t) => t.forms.some((form) => form.includes(wanted)) || t.means.toLowerCase().includes(wanted),
  );
  return (
    <main className="mx-auto max-w-6xl px-5 py-4">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="font-bold font-title text-3xl">Words</h1>
          <p className="text-ink-soft">
            What makers call things. The pictures are real knots of the library.
          </p>
        </div>
        <SearchField label="Find a word" value={sought} onChange={setSought} className="text-lg" />
      </div>
      <p role="status" className="sr-only">
        {found.length} words
      </p>
      {found.length === 0 && (
        <p className="mt-6">No word like “{sought.trim()}”. Try a shorter part of it.</p>
      )}
      <ul className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(min(17rem,100%),1fr))] gap-4">
        {found.map((term) => (
          <li
            key={term.id}
            id={term.id}
            className="flex flex-col overflow-hidden rounded-xl border border-rule bg-card"
          >
            <TermFigure term={term} className="h-36" />
            <div className="p-3">
              <h2 className="font-bold font-title text-xl">{term.word}</h2>
              <p>{term.means}</p>
              <p className="mt-1 text-ink-soft text-sm">{term.shows}.</p>
            </div>
          </li>
        ))}
      </ul>
    </main>
  );
}
