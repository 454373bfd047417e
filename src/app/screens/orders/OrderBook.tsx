import { FileDown, FileUp, Plus } from 'lucide-react';
import { parse, unparse } from 'papaparse';
import { useRef, useState } from 'react';
import { formatOrders, type Order } from '../../../core/formats/orders.ts';
import { ORDER_COLUMNS, type OrderRow, orderRows, ordersFromRows } from '../../../core/orders/rows.ts';
import { isoDay } from '../../../core/stall/dates.ts';
import { plural } from '../../../core/words.ts';
import { newId } from '../../../storage/ids.ts';
import { download } from '../../export/download.ts';
import { readText } from '../../export/readText.ts';
import { Button } from '../../ui/Button.tsx';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { NotImported, type Refused } from '../../ui/NotImported.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { FirstOrder } from './FirstOrder.tsx';
import { OrderPanel } from './OrderPanel.tsx';
import { OrderRow as Row } from './OrderRow.tsx';
import type { Book } from './useBook.ts';

/** The usual time until something is wanted. */
const DAYS_AHEAD = 7;
const MAX_BYTES = 2_000_000;

/** Every order by its day, and one of them opened beside it. */
export function OrderBook({ book }: { readonly book: Book }) {
  const [chosen, setChosen] = useState<string>();
  const [refused, setRefused] = useState<Refused>();
  const [problem, setProblem] = useState<string>();
  const toast = useToast();
  const opened = useRef<HTMLDivElement>(null);
  // The next one to tie is open until another is chosen.
  const order =
    book.orders.find((o) => o.id === chosen) ??
    book.orders.find((o) => o.state === 'planned' || o.state === 'cut') ??
    book.orders[0];

  async function create() {
    const first = book.offers[0];
    const id = newId();
    const fresh: Order = {
      id,
      name: 'New order',
      due: isoDay(book.day + DAYS_AHEAD),
      state: 'planned',
      lines: first ? [{ design: first.id, name: first.name, count: 1 }] : [],
    };
    setProblem(await book.save(fresh));
    setChosen(id);
  }

  async function bring(file: File) {
    setRefused(undefined);
    if (/\.json$/i.test(file.name)) {
      const got = await book.importFile(file);
      if (!got.ok) return setRefused({ file: file.name, issues: got.issues });
      return toast({ text: `${got.value.length} ${plural(got.value.length, 'order')} came in.` });
    }
    const text = await readText(file, MAX_BYTES, 'a table of orders');
    if (!text.ok) return setRefused({ file: file.name, issues: text.issues });
    const table = parse<OrderRow>(text.value, { header: true, skipEmptyLines: 'greedy' });
    const missing = ['order', 'design'].filter((c) => !table.meta.fields?.includes(c));
    if (missing.length > 0)
      return setRefused({
        file: file.name,
        issues: [
          {
            code: 'orders.columns',
            path: '',
            message: `Line 1 has no column “${missing.join('” or “')}”. The columns are ${ORDER_COLUMNS.join(', ')}.`,
          },
        ],
      });
    const read = ordersFromRows(table.data, {
      designs: new Map(book.offers.map((o) => [o.name.toLowerCase(), o.id])),
      sizes: book.figures.sizes.map((s) => s.name),
      newId,
    });
    if (!read.ok) return setRefused({ file: file.name, issues: read.issues });
    const trouble = await book.save(...read.value);
    if (trouble) return setProblem(trouble);
    toast({ text: `${read.value.length} ${plural(read.value.length, 'order')} came in.` });
  }

  return (
    <div className="grid grid-cols-1 gap-5 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label="The book of orders" className="flex min-w-0 flex-col gap-2">
        <div className="flex flex-wrap items-center gap-2">
          <Button look="next" onClick={() => create()}>
            <Plus size={18} aria-hidden /> New order
          </Button>
          <span className="grow" />
          <FilePicker
            label={
              <>
                <FileUp size={16} aria-hidden /> Bring in
              </>
            }
            name="Bring in orders from a file"
            accept=".csv,.json,text/csv,application/json"
            onFile={(f) => void bring(f)}
          />
          <Button
            onClick={() =>
              download({
                name: 'orders.csv',
                type: 'text/csv',
                text: `${unparse({ fields: [...ORDER_COLUMNS], data: orderRows(book.orders) }, { escapeFormulae: true })}\n`,
              })
            }
          >
            <FileDown size={16} aria-hidden /> Table
          </Button>
          <Button
            onClick={() =>
              download({ name: 'orders.json', type: 'application/json', text: formatOrders(book.orders) })
            }
          >
            <FileDown size={16} aria-hidden /> Book
          </Button>
        </div>
        <NotImported refused={refused} />
        {problem && (
          <p role="alert" className="rounded-lg border border-bad bg-bad-pale px-3 py-2 text-bad">
            {problem}
          </p>
        )}
        {book.bad.map(({ record, issues }) => (
          <p key={record.id} className="rounded-lg border border-bad bg-bad-pale px-3 py-2 text-bad">
            The order “{record.name}” can’t be read and was left as it is: {issues[0]!.message}
          </p>
        ))}
        {book.isReady && book.orders.length === 0 && <FirstOrder />}
        <ul aria-label="Orders" className="flex flex-col gap-1.5">
          {book.orders.map((o) => (
            <Row
              key={o.id}
              book={book}
              order={o}
              isChosen={o.id === order?.id}
              onChoose={() => {
                setChosen(o.id);
                // Below the list on a narrow screen: brought into sight.
                requestAnimationFrame(() => opened.current?.scrollIntoView({ block: 'nearest' }));
              }}
            />
          ))}
        </ul>
      </section>
      <div ref={opened}>
        {order ? (
          <OrderPanel key={order.id} book={book} order={order} onGone={() => setChosen(undefined)} />
        ) : (
          <p className="text-ink-soft">
            Press an order to open it. A table (CSV) with the columns {ORDER_COLUMNS.join(', ')} can be
            imported here, and the export writes the same columns.
          </p>
        )}
      </div>
    </div>
  );
}
