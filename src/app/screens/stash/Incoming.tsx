import { FileUp } from 'lucide-react';
import { parse } from 'papaparse';
import { useState } from 'react';
import { PALETTE } from '../../../core/colour/palette.ts';
import { CORDS } from '../../../core/cord/cords.ts';
import { parseStash } from '../../../core/formats/stash.ts';
import { type DeliveryNote, parseDelivery } from '../../../core/formats/supply.ts';
import type { Issue } from '../../../core/result.ts';
import { dayNumber } from '../../../core/stall/dates.ts';
import { isOnShelf, type Incoming as Lot, lotsOfDelivery } from '../../../core/stash/delivery.ts';
import type { Stash } from '../../../core/stash/ledger.ts';
import { UNKNOWN_COLOUR } from '../../../core/stash/line.ts';
import { lotsFromRows, STASH_COLUMNS, type StashRow } from '../../../core/stash/rows.ts';
import { newId } from '../../../storage/ids.ts';
import { readText } from '../../export/readText.ts';
import { useDeliveries } from '../../state/shop.ts';
import type { StashView } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { dayName } from '../../ui/dayName.ts';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { NameColour } from '../../ui/NameColour.tsx';
import { NotImported, type Refused } from '../../ui/NotImported.tsx';
import { useToast } from '../../ui/Toast.tsx';

interface Props {
  readonly view: StashView;
  readonly stash: Stash;
}

const MAX_BYTES = 20_000_000;

/** What comes in otherwise than typed: deliveries of the shop, tables, delivery notes and ledgers as files. */
export function Incoming({ view, stash }: Props) {
  const toast = useToast();
  const { deliveries } = useDeliveries();
  const [refused, setRefused] = useState<Refused & { readonly rows?: readonly StashRow[] }>();
  const waiting = deliveries.filter((d) => !isOnShelf(d, stash));
  const unknown = [
    ...new Set(refused?.issues.filter((i) => i.code === UNKNOWN_COLOUR).map((i) => i.path) ?? []),
  ];

  async function put(file: string, lots: readonly Lot[]) {
    const trouble = await view.write(lots.map((l) => ({ what: 'add' as const, ...l })));
    if (trouble) return setRefused({ file, issues: [words(trouble)] });
    setRefused(undefined);
    toast({ text: `${lots.length} came onto the shelf; the ledger can undo each.` });
  }

  async function deliver(note: DeliveryNote) {
    const lots = lotsOfDelivery(note, stash);
    if (lots.ok) await put(`delivery ${note.id}`, lots.value);
    else setRefused({ file: `delivery ${note.id}`, issues: lots.issues });
  }

  async function table(file: string, rows: readonly StashRow[], isAgain = false) {
    const read = lotsFromRows(rows, { colours: PALETTE, cords: CORDS, aliases: view.aliases });
    if (!read.ok) return setRefused({ file, issues: read.issues, rows });
    const lots = isAgain
      ? read.value.lots.map((l) => ({ ...l, lot: { ...l.lot, id: newId() } }))
      : read.value.lots;
    if (lots.some((l) => stash.has(l.lot.id)))
      return setRefused({
        file,
        rows,
        issues: [
          {
            code: 'stash.twice',
            path: '',
            message: 'The same table came in before: it is on the shelf already.',
          },
        ],
      });
    await put(file, lots);
  }

  async function bring(file: File) {
    setRefused(undefined);
    const text = await readText(file, MAX_BYTES, 'what comes onto a shelf');
    if (!text.ok) return setRefused({ file: file.name, issues: text.issues });
    if (!/\.json$/i.test(file.name)) {
      const read = parse<StashRow>(text.value, { header: true, skipEmptyLines: 'greedy' });
      const fields = read.meta.fields ?? [];
      if (!fields.includes('line') && !fields.includes('amount'))
        return setRefused({
          file: file.name,
          issues: [
            words(
              `Line 1 has no column “amount” or “line”. The columns are ${STASH_COLUMNS.join(', ')}; or one column “line” with typed lines.`,
            ),
          ],
        });
      return table(file.name, read.data);
    }
    const note = parseDelivery(text.value);
    if (note.ok) return deliver(note.value);
    const ledger = parseStash(text.value);
    if (!ledger.ok)
      return setRefused({
        file: file.name,
        issues: note.issues[0]?.code === 'file.foreign' ? ledger.issues : note.issues,
      });
    const known = new Set(view.entries.map((e) => e.id));
    const fresh = ledger.value.filter((e) => !known.has(e.id));
    const trouble = await view.append(fresh);
    if (trouble) return setRefused({ file: file.name, issues: [words(trouble)] });
    toast({
      text: `${fresh.length} entries of the ledger came in; ${ledger.value.length - fresh.length} were there already.`,
    });
  }

  return (
    <div className="flex w-full max-w-xl flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2 text-[15px]">
        <FilePicker
          label={
            <>
              <FileUp size={15} aria-hidden /> Bring in a table, note or ledger
            </>
          }
          name="Bring in what is on the shelf from a file"
          accept=".csv,.json,text/csv,application/json"
          onFile={(f) => void bring(f)}
        />
        {waiting.map((d) => (
          <Button key={d.id} onClick={() => deliver(d)}>
            {d.shop}, {dayName(dayNumber(d.arrives)!)}: put it on the shelf
          </Button>
        ))}
      </div>
      <NotImported refused={refused} />
      {unknown.map((word) => (
        <NameColour
          key={word}
          word={word}
          label={`What ${word} is`}
          onName={(colour) => {
            if (!refused?.rows) return;
            void view.learn(word, colour).then(() =>
              setRefused({
                ...refused,
                issues: refused.issues.filter((i) => i.path !== word || i.code !== UNKNOWN_COLOUR),
              }),
            );
          }}
        />
      ))}
      {refused?.rows && unknown.length === 0 && (
        <Button
          className="self-start"
          onClick={() =>
            void table(
              refused.file,
              refused.rows!,
              refused.issues.some((i) => i.code === 'stash.twice'),
            )
          }
        >
          {refused.issues.some((i) => i.code === 'stash.twice')
            ? 'Bring it in once more all the same'
            : 'Try it again'}
        </Button>
      )}
    </div>
  );
}

const words = (message: string): Issue => ({ code: 'stash', path: '', message });
