import { Sheet } from '../ui/Sheet.tsx';
import { OTHER_KEYS, WORD_KEYS } from './keys.ts';

const KEYS: readonly (readonly [string, string])[] = [
  ...WORD_KEYS.filter((k) => !/\d/.test(k.key)).map((k) => [k.key.toUpperCase(), k.does] as const),
  ...OTHER_KEYS,
];

/** Every key of the Bench. */
export default function KeySheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Sheet title="Keys" onClose={onClose}>
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="figure font-semibold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  );
}
