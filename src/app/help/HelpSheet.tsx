import { Link, useLocation } from 'react-router';
import { WORDS_PATH } from '../paths.ts';
import { useHints } from '../state/hints.ts';
import { Button } from '../ui/Button.tsx';
import { Sheet } from '../ui/Sheet.tsx';
import { OTHER_KEYS, WORD_KEYS } from './keys.ts';
import { Linked } from './Linked.tsx';
import { helpFor } from './places.ts';

const OF_WORDS = WORD_KEYS.filter((k) => !/\d/.test(k.key)).map(
  (k) => [k.key.toUpperCase(), k.does] as const,
);

/** What one does on this screen, and its keys. */
export default function HelpSheet({ onClose }: { readonly onClose: () => void }) {
  const { pathname } = useLocation();
  const { name, what, how, hasWordKeys } = helpFor(pathname);
  const { showAgain, anySeen } = useHints();
  return (
    <Sheet title={name} onClose={onClose}>
      <div className="mt-1 text-lg">
        <Linked text={what} />
      </div>
      <ul className="mt-2 flex list-disc flex-col gap-1 pl-5">
        {how.map((line) => (
          <li key={line}>
            <Linked text={line} />
          </li>
        ))}
      </ul>
      <h3 className="mt-4 font-bold font-title text-lg">Keys</h3>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
        {[...(hasWordKeys ? OF_WORDS : []), ...OTHER_KEYS].map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="figure font-semibold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2 border-rule border-t pt-3">
        <Link to={WORDS_PATH} onClick={onClose} className="underline underline-offset-4">
          Words, with pictures
        </Link>
        {anySeen && <Button onClick={showAgain}>Show the hints again</Button>}
      </div>
    </Sheet>
  );
}
