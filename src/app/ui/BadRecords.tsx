import type { BadRecord } from '../../storage/weaves.ts';
import { download } from '../export/download.ts';
import { Button } from './Button.tsx';

interface Props {
  /** What they are, as people call them: “weave”. */
  readonly what: string;
  readonly records: readonly BadRecord[];
}

/** Stored records that cannot be read: said so, never hidden, and always to be saved to a file. */
export function BadRecords({ what, records }: Props) {
  if (records.length === 0) return null;
  return (
    <section
      role="status"
      className="mt-3 max-w-2xl rounded-lg border border-bad bg-bad-pale px-4 py-2 text-bad"
    >
      <p className="font-semibold">
        {records.length === 1
          ? `One stored ${what} can’t be read.`
          : `${records.length} stored ${what}s can’t be read.`}{' '}
        <span className="font-normal text-ink">Left untouched; everything else works.</span>
      </p>
      <ul className="mt-1 flex flex-col gap-1">
        {records.map((r) => (
          <li key={String(r.key)} className="flex items-center gap-3">
            <span className="grow">
              {nameOf(r.raw)}: {r.issues[0]!.path} {r.issues[0]!.message}
            </span>
            <Button
              onClick={() =>
                download({
                  name: `${what}-as-stored.json`,
                  type: 'application/json',
                  text: `${JSON.stringify(r.raw, null, 2)}\n`,
                })
              }
            >
              Save to a file
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const nameOf = (raw: unknown): string => {
  const { name } = (raw ?? {}) as { readonly name?: unknown };
  return typeof name === 'string' && name ? name : 'unnamed';
};
