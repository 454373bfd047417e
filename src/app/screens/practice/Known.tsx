import { DRILL_KINDS, type DrillCard } from '../../../core/practice/types.ts';
import type { KindPace, Standing, usePractice } from '../../state/practice.ts';
import { Button } from '../../ui/Button.tsx';
import { KINDS } from './words.ts';

interface Props {
  readonly cards: readonly DrillCard[];
  readonly practice: ReturnType<typeof usePractice>;
  /** The drill that is asked now. */
  readonly now: string;
}

const MARKS: Readonly<Record<Standing, string>> = { known: '✓', shaky: '~', 'not tried': '·' };
const TINTS: Readonly<Record<Standing, string>> = {
  known: 'bg-good text-white',
  shaky: 'bg-[#bcd9c9] text-ink',
  'not tried': 'bg-rule text-ink-soft',
};

/** What you know: every drill of every weave, known, shaky or not tried. */
export function Known({ cards, practice, now }: Props) {
  const counts = { known: 0, shaky: 0, 'not tried': 0 };
  for (const c of cards) counts[practice.standing(c.id)]++;
  return (
    <aside aria-label="What you know" className="flex flex-col gap-3">
      <h2 className="font-bold font-title text-xl">What you know</h2>
      <p data-testid="known">
        {counts.known} known, {counts.shaky} shaky, {counts['not tried']} not tried.
      </p>
      {DRILL_KINDS.map((kind) => (
        <section key={kind} aria-label={KINDS[kind]}>
          <h3 className="mb-1 font-semibold">
            {KINDS[kind]}
            <Pace pace={practice.pace(kind)} />
          </h3>
          <ul className="flex flex-wrap gap-1">
            {cards
              .filter((c) => c.kind === kind)
              .map((c) => {
                const standing = practice.standing(c.id);
                return (
                  <li key={c.id}>
                    <span
                      role="img"
                      aria-label={`${kind === 'name-it' && c.id === now ? 'The one asked now' : c.name}: ${standing}`}
                      title={
                        kind === 'name-it' && c.id === now ? 'the one asked now' : `${c.name}: ${standing}`
                      }
                      className={`inline-flex size-7 items-center justify-center rounded text-[15px] ${TINTS[standing]} ${c.id === now ? 'outline-3 outline-amber' : ''}`}
                    >
                      {MARKS[standing]}
                    </span>
                  </li>
                );
              })}
          </ul>
        </section>
      ))}
      <p className="text-[15px] text-ink-soft">
        ✓ is known, ~ is shaky, a dot was not tried. What is shaky comes back within minutes, what is known in
        days.
      </p>
      {counts['not tried'] < cards.length && (
        <Button look="quiet" className="self-start" onClick={() => practice.forget()}>
          Forget all answers
        </Button>
      )}
    </aside>
  );
}

function Pace({ pace }: { readonly pace: KindPace | undefined }) {
  if (!pace) return null;
  return (
    <span className="figure ml-2 font-normal text-[15px] text-ink-soft">
      {pace.right} of {pace.asked} right
      {pace.right > 0 && `, in ${Math.max(1, Math.round(pace.rightSeconds / pace.right))} s`}
    </span>
  );
}
