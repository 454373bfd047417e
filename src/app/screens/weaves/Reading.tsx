import { termsIn } from '../../../core/glossary/terms.ts';
import type { Pattern } from '../../../core/patterns/types.ts';
import { Linked } from '../../help/Linked.tsx';

/** What a weave asks of hands and eyes, under its own words; each word of the craft opens where it is met first. */
export function Reading({ pattern }: { readonly pattern: Pattern }) {
  const lines: readonly (readonly [name: string, text: string])[] = [
    ['Start', pattern.starts],
    ['Edges', pattern.edges],
    ['Next', pattern.next],
    ...(pattern.tightens ? [['Tight', `Draw ${pattern.tightens.join(', then ')}.`] as const] : []),
    ...(pattern.rests
      ? [['At rest', `It can rest in two ways. ${pattern.rests.as} ${pattern.rests.other}`] as const]
      : []),
    ...pattern.mistakes.map((m) => ['Slip', `${m.mistake}: ${m.looks}`] as const),
  ];
  return (
    <section aria-label="Reading the work">
      <h2 className="mb-1 font-bold font-title text-xl">Reading the work</h2>
      <dl className="grid max-w-3xl grid-cols-[auto_1fr] gap-x-5 gap-y-1">
        {lines.map(([name, text], i) => (
          <div key={text} className="contents">
            <dt className="font-semibold">{name}</dt>
            <dd>
              <Linked text={text} told={termsIn([pattern.words, ...lines.slice(0, i).map((l) => l[1])])} />
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
