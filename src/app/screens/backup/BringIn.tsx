import { format } from 'date-fns';
import { useState } from 'react';
import { isBroughtIn, type Standing } from '../../../storage/backup/compare.ts';
import type { RecordKind } from '../../../storage/backup/kinds.ts';
import type { OpenedBackup } from '../../state/backup.ts';
import { Button } from '../../ui/Button.tsx';
import { Segments } from '../../ui/Segments.tsx';

interface Props {
  readonly opened: OpenedBackup;
  readonly onBring: (kinds: ReadonlySet<RecordKind['id']>, replaces: boolean) => Promise<void>;
}

const COLUMNS: readonly (readonly [Standing, string])[] = [
  ['missing', 'not here'],
  ['newer', 'newer in the backup'],
  ['older', 'newer here'],
  ['differs', 'different'],
  ['same', 'the same'],
  ['unreadable', 'can’t be read'],
];

/** What a backup holds against what is here, kind by kind, and what of it is brought in. */
export function BringIn({ opened, onBring }: Props) {
  const { compared, madeAt } = opened;
  const [left, setLeft] = useState<ReadonlySet<RecordKind['id']>>(new Set());
  const [replaces, setReplaces] = useState(false);
  const kinds = new Set(compared.map((c) => c.kind.id).filter((id) => !left.has(id)));
  const count = compared
    .filter((c) => kinds.has(c.kind.id))
    .reduce((sum, c) => sum + c.records.filter((r) => isBroughtIn(r.standing, replaces)).length, 0);
  const shown = COLUMNS.filter(([s]) => compared.some((c) => c.records.some((r) => r.standing === s)));
  return (
    <div className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4">
      <p className="font-semibold">Saved on {format(madeAt, 'd MMM yyyy, HH:mm')}.</p>
      <div className="overflow-x-auto">
        <table className="w-full text-left" data-testid="backup-table">
          <thead className="text-[15px] text-ink-soft">
            <tr>
              <th scope="col" className="py-1 pr-3 font-medium">
                restore
              </th>
              {shown.map(([s, name]) => (
                <th key={s} scope="col" className="py-1 pr-3 text-right font-medium">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {compared.map(({ kind, records }) => (
              <tr key={kind.id} className="border-rule border-t">
                <th scope="row" className="py-1.5 pr-3 font-normal">
                  <label className="flex items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-5 accent-amber-ink"
                      checked={!left.has(kind.id)}
                      onChange={(e) => {
                        const next = new Set(left);
                        if (e.target.checked) next.delete(kind.id);
                        else next.add(kind.id);
                        setLeft(next);
                      }}
                    />
                    {kind.name}
                  </label>
                </th>
                {shown.map(([s]) => {
                  const n = records.filter((r) => r.standing === s).length;
                  const isIn = n > 0 && kinds.has(kind.id) && isBroughtIn(s, replaces);
                  return (
                    <td
                      key={s}
                      className={`figure py-1.5 pr-3 text-right ${isIn ? 'font-bold' : 'text-ink-soft'}`}
                    >
                      {n || ''}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Segments
        label="What is newer or different here"
        value={replaces}
        onChange={setReplaces}
        choices={[
          { value: false, name: 'stays' },
          { value: true, name: 'is replaced' },
        ]}
      />
      <p className="text-[15px] text-ink-soft">Bold numbers are restored. You can undo it.</p>
      <Button
        look="next"
        className="self-start px-5 py-2"
        disabled={count === 0}
        onClick={() => onBring(kinds, replaces)}
      >
        Restore {count} {count === 1 ? 'record' : 'records'}
      </Button>
    </div>
  );
}
