import { FileDown } from 'lucide-react';
import { unparse } from 'papaparse';
import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { formatStash } from '../../../core/formats/stash.ts';
import type { Issue } from '../../../core/result.ts';
import { UNKNOWN_COLOUR } from '../../../core/stash/line.ts';
import { download } from '../../export/download.ts';
import { useReserved } from '../../state/reserved.ts';
import { useRestOfDemo } from '../../state/restOfDemo.ts';
import { useStash } from '../../state/stash.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { Button } from '../../ui/Button.tsx';
import { NameColour } from '../../ui/NameColour.tsx';
import { TypedLine } from '../../ui/TypedLine.tsx';
import { useLength } from '../../ui/units.tsx';
import { useWidth } from '../../ui/useWidth.ts';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { Cuts } from './Cuts.tsx';
import { EmptyShelf } from './EmptyShelf.tsx';
import { Incoming } from './Incoming.tsx';
import { Ledger } from './Ledger.tsx';
import { LotPanel } from './LotPanel.tsx';
import { MakeTab } from './make/MakeTab.tsx';
import { KNOWN, lotName } from './names.ts';
import { Ruler } from './Ruler.tsx';
import { NAMES_PX, Shelf } from './Shelf.tsx';

const TABS = ['shelf', 'make', 'cuts', 'ledger'] as const;
const TAB_NAMES = { shelf: 'shelf', make: 'what can I make?', cuts: 'cuts', ledger: 'ledger' } as const;

/** What is in hand: hanks, spools and offcuts to scale, what is cut from them, and every change. */
export default function StashPage() {
  useRestOfDemo();
  const view = useStash();
  const show = useLength();
  const [search, setSearch] = useSearchParams();
  const tab = TABS.find((t) => t === search.get('tab')) ?? 'shelf';
  const setTab = (next: (typeof TABS)[number]) => setSearch({ tab: next });
  const [chosen, setChosen] = useState<string>();
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const stash = view.folded?.ok ? view.folded.value : undefined;
  const reserved = useReserved(stash);
  const holdings = stash ? [...stash.values()] : [];
  const cord = holdings.filter((h) => h.lot.kind === 'cord' && h.amount > 0);
  const longest = Math.max(1000, ...cord.map((h) => h.amount + 1.645 * h.sd));
  const barsPx = width - NAMES_PX - 40;
  const pxPerMm = Math.max(0.012, barsPx / longest);
  const total = cord.reduce((sum, h) => sum + h.amount, 0);
  const holding = chosen === undefined ? undefined : stash?.get(chosen);
  function exportCsv() {
    const rows = holdings.map((h) => ({
      what: lotName(h),
      cord: h.lot.cord ?? '',
      colour: h.lot.colour ?? '',
      form: h.lot.form,
      amount: Number(h.amount.toFixed(1)),
      unit: h.lot.kind === 'cord' ? 'mm' : 'pieces',
      known: KNOWN[h.known],
      place: h.lot.place ?? '',
      priceCents: h.lot.priceCents ?? '',
    }));
    download({ name: 'stash.csv', type: 'text/csv', text: `${unparse(rows)}\n` });
  }
  return (
    <main>
      <div className="flex flex-wrap items-start gap-x-6 gap-y-3 px-5 py-3">
        <div className="min-w-0 grow">
          <h1 className="font-bold font-title text-3xl">Stash</h1>
          <p className="text-[17px]" data-testid="stash-total">
            {!stash
              ? '\u00a0'
              : cord.length === 0
                ? 'Nothing on the shelf yet: type what came in, as you would write it on a slip.'
                : `${show(total, { kind: 'cut' })} of cord in ${cord.length} ${cord.length === 1 ? 'hank, spool or offcut' : 'hanks, spools and offcuts'}.`}
          </p>
        </div>
        {view.isReady && view.entries.length === 0 && (
          <Button onClick={() => view.loadDemo()}>Load the stall’s shelf</Button>
        )}
        <div className="flex w-full max-w-xl flex-col gap-2">
          <AddLine onAdd={view.add} onLearn={view.learn} />
          {stash ? <Incoming view={view} stash={stash} /> : <div className="h-9" />}
        </div>
      </div>
      {view.folded && !view.folded.ok && (
        <p role="alert" className="mx-5 mb-3 rounded-lg border border-bad bg-bad-pale px-3 py-2 text-bad">
          The ledger does not add up: {view.folded.issues[0]!.message} It is left as it is; export it to be
          safe.
        </p>
      )}
      {view.isReady && view.entries.length === 0 && tab === 'shelf' && (
        <div className="px-5 pb-5">
          <EmptyShelf />
        </div>
      )}
      <div className={`grid grid-cols-1 ${tab === 'make' ? '' : 'lg:grid-cols-[minmax(0,1fr)_22rem]'}`}>
        <section aria-label="The shelf" className="on-mat own-layer bg-mat pb-4 text-white" ref={frame}>
          <fieldset className="flex flex-wrap items-center gap-1 px-3 py-2 text-[15px]">
            <legend className="sr-only">What is shown</legend>
            {TABS.map((t) => (
              <button
                key={t}
                type="button"
                aria-pressed={t === tab}
                onClick={() => setTab(t)}
                className="rounded px-3 py-1 text-white/85 hover:bg-white/10 aria-pressed:bg-white aria-pressed:font-semibold aria-pressed:text-mat-deep"
              >
                {TAB_NAMES[t]}
              </button>
            ))}
            <span className="grow" />
            <Button
              look="quiet"
              className="text-white"
              onClick={() =>
                download({ name: 'stash.json', type: 'application/json', text: formatStash(view.entries) })
              }
            >
              <FileDown size={16} aria-hidden /> Ledger
            </Button>
            <Button look="quiet" className="text-white" onClick={exportCsv}>
              <FileDown size={16} aria-hidden /> Table
            </Button>
          </fieldset>
          <div className="overflow-x-auto px-3 pt-2">
            <Boundary name="The shelf" keys={[tab, view.entries]}>
              {tab === 'shelf' && stash && cord.length > 0 && <Ruler widthPx={barsPx} pxPerMm={pxPerMm} />}
              {tab === 'shelf' && stash && (
                <Shelf
                  stash={stash}
                  reserved={reserved}
                  pxPerMm={pxPerMm}
                  chosen={chosen}
                  onChoose={setChosen}
                />
              )}
              {tab === 'make' && stash && (
                <WhyProvider>
                  <MakeTab stash={stash} reserved={reserved.cord} aliases={view.aliases} />
                </WhyProvider>
              )}
              {tab === 'cuts' && stash && <Cuts view={view} stash={stash} widthPx={barsPx} />}
              {tab === 'ledger' && <Ledger view={view} />}
            </Boundary>
          </div>
        </section>
        <div className="p-4">
          {holding && tab === 'shelf' ? (
            <LotPanel key={holding.lot.id} holding={holding} write={view.write} />
          ) : (
            tab !== 'cuts' &&
            tab !== 'make' &&
            view.entries.length > 0 && (
              <p className="text-ink-soft">
                Press a hank to take cord from it, put an offcut back, or measure it again. Full packs are
                counted a little short until you measure them.
              </p>
            )
          )}
          <div id="stash-card" />
        </div>
      </div>
    </main>
  );
}

interface AddProps {
  readonly onAdd: (line: string) => Promise<Issue | undefined>;
  readonly onLearn: (word: string, colour: string) => Promise<void>;
}

/** A delivery as it is written on a slip; a colour that nobody knows is named once and then remembered. */
function AddLine({ onAdd, onLearn }: AddProps) {
  return (
    <TypedLine
      label="What came in"
      example="3 × 15 m Dusk 4 mm, 6.20 each"
      look="next"
      onAdd={onAdd}
      remedy={(problem, onMended) =>
        problem.code === UNKNOWN_COLOUR && problem.path ? (
          <NameColour
            word={problem.path}
            label="Colour"
            onName={(colour) =>
              void onLearn(problem.path, colour).then(() =>
                onMended(`“${problem.path}” is kept. Press Add once more.`),
              )
            }
          />
        ) : null
      }
    />
  );
}
