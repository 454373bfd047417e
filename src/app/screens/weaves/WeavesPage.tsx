import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { CORDS, effectiveDiameterMm } from '../../../core/cord/cords.ts';
import { findPattern, PATTERNS } from '../../../core/patterns/index.ts';
import type { Makeable } from '../../../core/plan/atHand.ts';
import { capital, plural } from '../../../core/words.ts';
import { weavePath } from '../../paths.ts';
import { useWeave, useWorkshop } from '../../state/knowledge.tsx';
import { useLibrary } from '../../state/library.ts';
import { BadRecords } from '../../ui/BadRecords.tsx';
import { Button } from '../../ui/Button.tsx';
import { finds } from '../../ui/find.ts';
import { SamplePicture } from '../../ui/SamplePicture.tsx';
import { SearchField } from '../../ui/SearchField.tsx';
import { Select } from '../../ui/Select.tsx';
import { useLength } from '../../ui/units.tsx';
import { useSeen } from '../../ui/useSeen.ts';
import { WhyNumber, WhyProvider } from '../../ui/WhyNumber.tsx';
import { Compare, MOST_COMPARED } from './Compare.tsx';
import {
  applyFilters,
  FILTERS,
  type FilterState,
  type Listed,
  listingOf,
  NO_FILTERS,
  SORTS,
  type SortId,
  sortListed,
} from './filters.ts';
import { type HandAsk, HandFilter, USUAL_HAND } from './HandFilter.tsx';
import { useMakeable } from './useMakeable.ts';

/** The library as faces to look at, all to one scale, in the cord that is chosen. */
export default function WeavesPage() {
  const { own, know, bad } = useWorkshop();
  const [filters, setFilters] = useState<FilterState>(NO_FILTERS);
  const [cordId, setCordId] = useState('nylon-4');
  const [query, setQuery] = useState('');
  const [sort, setSort] = useState<SortId>('library');
  const [picked, setPicked] = useState<readonly string[]>([]);
  const toggle = (id: string) =>
    setPicked(picked.includes(id) ? picked.filter((p) => p !== id) : [...picked, id].slice(-MOST_COMPARED));
  const cord = CORDS.find((c) => c.id === cordId)!;
  const all = [
    ...own.map((w) => listingOf(w.solved, w.name, { difficulty: 3, family: 'own' })),
    ...PATTERNS.map((p) => listingOf(know.facts(p.id)!, p.name, p)),
  ];
  const found = all.filter((item) => query.trim() === '' || finds(item, query.trim()));
  const shown = sortListed(applyFilters(found, filters, effectiveDiameterMm(cord)), sort);
  const [ask, setAsk] = useState<HandAsk>();
  const makeable = useMakeable(ask, cordId);
  const weaves = shown.filter((w) => w.facts.kind === 'weave' && (!makeable || makeable.has(w.facts.id)));
  const knots = makeable ? [] : shown.filter((w) => w.facts.kind !== 'weave');
  return (
    <WhyProvider>
      <main className="px-5 py-4">
        <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
          <h1 className="font-bold font-title text-3xl">Weaves</h1>
          <SearchField
            label="Find a weave"
            example="Find by name or look"
            value={query}
            onChange={setQuery}
            className="w-52"
          />
          <span className="flex items-center gap-2">
            in
            <Select
              label="Cord"
              value={cordId}
              onChange={setCordId}
              choices={CORDS.map((c) => ({ value: c.id, name: c.name }))}
            />
          </span>
          {FILTERS.map((filter) => (
            <span key={filter.id} className="flex items-center gap-2">
              {filter.name}
              <Select
                label={capital(filter.name)}
                value={filters[filter.id] ?? ''}
                onChange={(choice) => setFilters({ ...filters, [filter.id]: choice || undefined })}
                choices={[
                  { value: '', name: 'any' },
                  ...filter.choices.map((c) => ({ value: c.id, name: c.name })),
                ]}
              />
            </span>
          ))}
          <Select
            label="Sorted"
            value={sort}
            onChange={setSort}
            choices={(Object.keys(SORTS) as SortId[]).map((id) => ({ value: id, name: SORTS[id].name }))}
          />
          {!ask && <Button onClick={() => setAsk(USUAL_HAND)}>What can I make from what I have?</Button>}
          <Link
            to="/weaves/new"
            className="ml-auto inline-flex items-center gap-2 rounded-md bg-amber px-3 py-1.5 font-semibold"
          >
            <Plus size={18} aria-hidden /> Draw your own
          </Link>
        </div>
        <p className="mt-1 text-ink-soft" role="status">
          {makeable
            ? `${weaves.length} ${plural(weaves.length, 'weave')} can be made of that.`
            : `${weaves.length} weaves and ${knots.length} knots, pulled tight by the rope engine.`}
        </p>
        {ask && <HandFilter ask={ask} onAsk={setAsk} onClose={() => setAsk(undefined)} />}
        <BadRecords what="weave" records={bad.weaves} />
        <BadRecords what="swatch" records={bad.swatches} />
        {picked.length > 1 && (
          <Compare
            items={all.filter((item) => picked.includes(item.facts.id))}
            cord={cord}
            onClear={() => setPicked([])}
          />
        )}
        <Gallery
          title="Bands"
          items={weaves}
          diameterMm={effectiveDiameterMm(cord)}
          picked={picked}
          onPick={toggle}
          makeable={makeable}
        />
        <Gallery title="Knots and hitches" items={knots} diameterMm={effectiveDiameterMm(cord)} />
        {weaves.length + knots.length === 0 && (
          <p className="mt-8 text-lg">
            {makeable
              ? 'Nothing can be made of that. Type more cord, thinner cord, or another closure.'
              : 'No weave matches. Remove a filter to see more.'}
          </p>
        )}
      </main>
    </WhyProvider>
  );
}

function Gallery({
  title,
  items,
  diameterMm,
  picked,
  onPick,
  makeable,
}: {
  title: string;
  items: readonly Listed[];
  diameterMm: number;
  picked?: readonly string[];
  onPick?: (id: string) => void;
  makeable?: ReadonlyMap<string, Makeable> | undefined;
}) {
  if (items.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="mt-4 mb-2 font-bold font-title text-xl">{title}</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-4">
        {items.map((item) => (
          <Tile
            key={item.facts.id}
            item={item}
            diameterMm={diameterMm}
            makeable={makeable?.get(item.facts.id)}
            {...(onPick
              ? { isPicked: picked?.includes(item.facts.id) ?? false, onPick: () => onPick(item.facts.id) }
              : {})}
          />
        ))}
      </ul>
    </section>
  );
}

interface TileProps {
  readonly item: Listed;
  readonly diameterMm: number;
  readonly isPicked?: boolean;
  readonly onPick?: () => void;
  /** Set where it is asked what can be made of the cord at hand. */
  readonly makeable?: Makeable | undefined;
}

function Tile({ item, diameterMm, isPicked, onPick, makeable }: TileProps) {
  const show = useLength();
  const { openDesign } = useLibrary();
  const { facts } = item;
  const [place, isSeen] = useSeen<HTMLDivElement>();
  const solved = useWeave(isSeen ? facts.id : undefined);
  const isBand = facts.kind === 'weave';
  return (
    <li className="relative flex flex-col overflow-hidden rounded-xl border border-rule bg-card focus-within:ring-2 focus-within:ring-amber-ink hover:border-ink-soft">
      <div ref={place} className="flex h-44 items-center justify-center overflow-hidden bg-mat">
        {solved && (
          <SamplePicture
            solved={solved}
            view="front"
            label={`${item.name}, front`}
            lengthD={13}
            scale={Math.min(15, 160 / (facts.widthD + 1))}
            className="max-w-full"
          />
        )}
      </div>
      <div className="p-3">
        <Link
          to={weavePath(facts.id)}
          className="font-semibold text-lg leading-tight after:absolute after:inset-0"
        >
          {item.name}
        </Link>
        <p className="mt-0.5 text-ink-soft text-sm">
          {isBand
            ? `${show(facts.widthD * diameterMm, { kind: 'small' })} wide, ${show(facts.thicknessD * diameterMm, { kind: 'small' })} thick`
            : `uses ${show(item.perLength * diameterMm, { kind: 'small' })} of cord`}
        </p>
        {isBand && (
          <p className="text-ink-soft text-sm">
            uses <span className="figure">{item.perLength.toFixed(1)}</span> × its length in cord
          </p>
        )}
        {makeable && (
          <p className="relative z-10 mt-1 flex flex-wrap items-center gap-2">
            <span>
              cut{' '}
              {makeable.cuts.map((c, i) => (
                <span key={c.letter}>
                  {i > 0 && ' + '}
                  <WhyNumber
                    label={`Cut length of ${c.letter} for ${item.name}`}
                    value={show(c.lengthMm, { kind: 'cut', rounding: 'up' })}
                    why={c.why}
                  />
                </span>
              ))}
            </span>
            <Button onClick={() => openDesign({ ...makeable.design, name: item.name })}>Plan it</Button>
          </p>
        )}
        {onPick && (
          <label className="relative z-10 mt-1 inline-flex cursor-pointer items-center gap-2 text-sm">
            <input type="checkbox" className="size-4 accent-amber-ink" checked={isPicked} onChange={onPick} />
            compare
          </label>
        )}
        <p className="sr-only">{findPattern(facts.id)?.words}</p>
      </div>
    </li>
  );
}
