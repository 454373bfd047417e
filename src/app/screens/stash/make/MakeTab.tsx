import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { PALETTE } from '../../../../core/colour/palette.ts';
import { CORDS, findCord } from '../../../../core/cord/cords.ts';
import { CHANCES } from '../../../../core/plan/chance.ts';
import type { ShelfAsk } from '../../../../core/plan/fromShelf.ts';
import { freePieces } from '../../../../core/stash/free.ts';
import type { Stash } from '../../../../core/stash/ledger.ts';
import { parsePieces } from '../../../../core/stash/typedPieces.ts';
import { plural } from '../../../../core/words.ts';
import { HAVE } from '../../../paths.ts';
import { useStall } from '../../../state/stall.ts';
import type { Aliases } from '../../../state/stash.ts';
import { LengthField } from '../../../ui/LengthField.tsx';
import { Select } from '../../../ui/Select.tsx';
import { useLength } from '../../../ui/units.tsx';
import { MadeTile } from './MadeTile.tsx';
import { type FoundWeave, useShelfWays } from './useShelfWays.ts';

interface Props {
  readonly stash: Stash;
  readonly reserved: ReadonlyMap<string, number>;
  readonly aliases: Aliases;
}

const SORTS = [
  { value: 'used', name: 'least cord' },
  { value: 'width', name: 'widest' },
  { value: 'minutes', name: 'quickest' },
] as const;
type Sort = (typeof SORTS)[number]['value'];

const WRIST_MM = 165;

/** What can I make? Every weave and closure that comes out of the free cord, or of cord that is typed, as pictures. */
export function MakeTab({ stash, reserved, aliases }: Props) {
  const show = useLength();
  const { figures } = useStall();
  const holdings = useMemo(() => [...stash.values()], [stash]);
  const kinds = useMemo(
    () => [...new Set(holdings.flatMap((h) => (h.amount > 0 && h.lot.cord ? [h.lot.cord] : [])))],
    [holdings],
  );
  const [cord, setCord] = useState<string>();
  const [search] = useSearchParams();
  const [typed, setTyped] = useState(search.get(HAVE) ?? '');
  const [girthMm, setGirth] = useState(WRIST_MM);
  const [chance, setChance] = useState<number>(CHANCES.measured);
  const [sort, setSort] = useState<Sort>('used');
  const read =
    typed.trim() === '' ? undefined : parsePieces(typed, { colours: PALETTE, cords: CORDS, aliases });
  const readKey = JSON.stringify(read?.ok ? read.value : null);
  const chosen = cord ?? (kinds.includes('nylon-4') ? 'nylon-4' : kinds[0]);
  const ask = useMemo((): ShelfAsk | undefined => {
    const typedCord = JSON.parse(readKey) as { cord: string; pieces: ShelfAsk['pieces'] } | null;
    if (typed.trim() !== '' && !typedCord) return undefined;
    const cordId = typedCord?.cord ?? chosen;
    if (!cordId) return undefined;
    const pieces = typedCord?.pieces ?? freePieces(holdings, cordId, reserved);
    return { cordId, pieces, girthMm, chance, kerfMm: figures.kerfMm };
  }, [readKey, typed, chosen, holdings, reserved, girthMm, chance, figures.kerfMm]);
  const { found, isLooking } = useShelfWays(ask);
  const made = found.filter((f) => f.ways.some((w) => !w.missing)).toSorted(bySort(sort));
  const nearly = found.filter((f) => f.ways.every((w) => w.missing));
  return (
    <div className="flex flex-col gap-3 py-2">
      <h2 className="font-bold font-title text-xl">What can I make?</h2>
      <div className="grid gap-x-4 gap-y-2 rounded-lg bg-card p-3 text-ink sm:grid-cols-2 xl:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_auto_auto_auto]">
        <label className="flex flex-col gap-1">
          <span className="font-medium text-sm">From the free cord, or type what you have</span>
          <input
            aria-label="Cord to make it from"
            aria-invalid={read && !read.ok ? true : undefined}
            value={typed}
            maxLength={300}
            placeholder="2.4 m Dusk, 1.1 m Ember"
            onChange={(e) => setTyped(e.target.value)}
            className="figure w-full rounded border border-ink-soft bg-white px-2 py-1.5 text-lg aria-invalid:border-bad"
          />
          {read && !read.ok ? (
            <span role="alert" className="text-bad text-sm">
              {read.issues[0]!.message}
            </span>
          ) : (
            <span className="text-ink-soft text-sm">
              {typed.trim() === ''
                ? 'Empty: whatever is on the shelf and not put aside for orders.'
                : 'Only what is typed here.'}
            </span>
          )}
        </label>
        <LengthField label="For a wrist of" valueMm={girthMm} leastMm={90} mostMm={300} onChange={setGirth} />
        <Labelled name="Cord">
          <Select
            label="Cord"
            value={ask?.cordId ?? ''}
            choices={(kinds.length > 0 ? kinds : [chosen ?? 'nylon-4']).map((k) => ({
              value: k,
              name: findCord(k)?.name ?? k,
            }))}
            onChange={setCord}
          />
        </Labelled>
        <Labelled name="Sure to reach">
          <Select
            label="Sure to reach"
            value={chance}
            choices={[
              { value: CHANCES['never-short'], name: '99.9 %' },
              { value: CHANCES.measured, name: '98 %' },
              { value: CHANCES.thrifty, name: '90 %' },
            ]}
            onChange={setChance}
          />
        </Labelled>
        <Labelled name="Sorted by">
          <Select label="Sorted by" value={sort} choices={SORTS} onChange={setSort} />
        </Labelled>
      </div>
      <p role="status" data-testid="made-count">
        {!ask
          ? 'Nothing is on the shelf yet: type what you have.'
          : `${made.length} ${plural(made.length, 'weave')} can be made of it for ${show(girthMm)}${nearly.length > 0 ? `, ${nearly.length} nearly` : ''}.${isLooking ? ' Still looking…' : ''}`}
      </p>
      <ul aria-label="Can be made" className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3">
        {made.map((f) => (
          <MadeTile key={f.id} found={f} />
        ))}
      </ul>
      {nearly.length > 0 && (
        <>
          <h3 className="font-bold font-title text-lg">Nearly</h3>
          <ul aria-label="Nearly" className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3">
            {nearly.map((f) => (
              <MadeTile key={f.id} found={f} />
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

function Labelled({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <span className="flex flex-col gap-1">
      <span className="font-medium text-sm">{name}</span>
      {children}
    </span>
  );
}

const bySort = (sort: Sort) => (a: FoundWeave, b: FoundWeave) => {
  const of = (f: FoundWeave) => f.ways.filter((w) => !w.missing);
  const least = (f: FoundWeave, pick: 'usedMm' | 'minutes') => Math.min(...of(f).map((w) => w[pick]));
  if (sort === 'width') return of(b)[0]!.widthMm - of(a)[0]!.widthMm;
  return sort === 'used'
    ? least(a, 'usedMm') - least(b, 'usedMm')
    : least(a, 'minutes') - least(b, 'minutes');
};
