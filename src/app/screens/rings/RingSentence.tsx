import { Link } from 'react-router';
import { byName, cordLetter, findColour, PALETTE } from '../../../core/colour/palette.ts';
import { CORDS, FIBRE_MELTS } from '../../../core/cord/cords.ts';
import { LIMITS } from '../../../core/formats/limits.gen.ts';
import type { RingDesign } from '../../../core/formats/ring.ts';
import { laneArrangements, strandArrangements } from '../../../core/rings/arrangements.ts';
import { codingWords, readsBothWays } from '../../../core/rings/coding.ts';
import { shapeOfDesign } from '../../../core/rings/plan.ts';
import { findRingProduct, HOUSEHOLD, RING_PRODUCTS } from '../../../core/rings/products.ts';
import { codingName } from '../../../core/rings/types.ts';
import { codingsFor, oneCordNear } from '../../../core/rings/validity.ts';
import { withArticle } from '../../../core/words.ts';
import { Button } from '../../ui/Button.tsx';
import { type Choice, Choices } from '../../ui/Choices.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { type PickerProps, Word } from '../../ui/Word.tsx';
import { useRing } from './RingContext.tsx';

/** The ring in plain language: every emphasised word edits it in place. */
export function RingSentence() {
  const { ring, plan } = useRing();
  const show = useLength();
  const product = findRingProduct(ring.product) ?? RING_PRODUCTS[0]!;
  const strands = plan.strands;
  const name = withArticle(product.name);
  const article = name.slice(0, name.indexOf(' '));
  const used = strands > 1 && ring.strandCords ? ring.strandCords : ring.lanes;
  const cords = [...new Set(used)].sort();
  const turned = [ring.first === 'U' && 'mirrored', ring.hand === 'left' && 'left-handed']
    .filter(Boolean)
    .join(', ');
  return (
    <section aria-label="The ring in a sentence" className="px-5 pt-3 pb-4">
      <p className="max-w-[78rem] text-[22px] leading-[1.65]">
        {article === 'an' ? 'An' : 'A'}{' '}
        <Word label="Product" letter="p" text={product.name} picker={ProductPicker} /> for{' '}
        <Word
          label="Wearer"
          letter="n"
          text={ring.wearer || (product.girth === 'body' ? 'someone' : 'something')}
          picker={WearerPicker}
        />
        , {product.girth === 'body' ? 'over a ' : 'on a '}
        {product.measured} of{' '}
        <Word
          label={`${product.measured} girth`}
          letter="g"
          text={show(ring.girth.mm)}
          problem={useIssue('/girth')}
          picker={GirthPicker}
        />
        :{' '}
        <Word
          label="Leads and bights"
          letter="k"
          text={`${ring.leads} leads × ${ring.bights} bights`}
          problem={useIssue('/leads', '/bights')}
          picker={SizePicker}
        />
        ,{' '}
        <Word
          label="Coding"
          letter="m"
          text={codingWords(shapeOfDesign(ring).coding)}
          problem={useIssue('/coding')}
          picker={CodingPicker}
        />
        ,{' '}
        <Word
          label="Passes"
          letter="r"
          text={passesText(ring)}
          problem={useIssue('/lanes')}
          picker={LanesPicker}
          width="wide"
        />{' '}
        in{' '}
        <Word
          label="Cord"
          letter="c"
          text={CORDS.find((c) => c.id === ring.cord)?.name ?? ring.cord}
          problem={useIssue('/cord')}
          picker={CordPicker}
        />
        ,{' '}
        {cords.map((cord, i) => (
          <span key={cord}>
            {i > 0 && (i === cords.length - 1 ? (isBetween(ring, cord) ? ' with ' : ' and ') : ', ')}
            <ColourWord cord={cord} />
            {isBetween(ring, cord) && ' between'}
          </span>
        ))}
        ,{' '}
        <Word
          label="Width"
          letter="w"
          text={ring.widthMm === undefined ? 'at its narrowest' : `${show(ring.widthMm)} wide`}
          problem={useIssue('/widthMm')}
          picker={WidthPicker}
        />
        , ends <Word label="Ends" letter="e" text={ring.ends} picker={EndsPicker} />.{' '}
        <span className="ml-1.5 whitespace-nowrap text-[15px]">
          <Word
            label="Mirror and hand"
            letter="h"
            isQuiet={turned === ''}
            text={turned || '+ mirror, hand'}
            picker={MirrorPicker}
          />
          <Link to="/rings" className="ml-4 text-ink-soft underline decoration-dotted underline-offset-4">
            All rings
          </Link>
        </span>
      </p>
    </section>
  );
}

function useIssue(...paths: readonly string[]): string | undefined {
  const { issues } = useRing();
  return issues.find((i) => paths.some((path) => i.path.startsWith(path)))?.message;
}

function Issue({ path }: { readonly path: string }) {
  return <Problem>{useIssue(path)}</Problem>;
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five'];

function passesText(ring: RingDesign): string {
  const main = ring.lanes.filter((c) => c === ring.lanes[0]).length;
  const count = isTwoRound(ring) ? main : ring.lanes.length;
  return count === 1 ? 'one pass' : `${NUMBERS[count]} passes`;
}

/** A first colour on both sides of what is laid between. */
const isTwoRound = (ring: RingDesign): boolean =>
  ring.lanes.length > 2 && ring.lanes[0] === ring.lanes.at(-1) && new Set(ring.lanes).size > 1;

const isBetween = (ring: RingDesign, cord: number): boolean => isTwoRound(ring) && cord !== ring.lanes[0];

function ProductPicker() {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="What is it?"
      value={ring.product}
      onChange={(id) => {
        const product = findRingProduct(id)!;
        bench.dispatch(
          {
            type: 'set',
            patch: {
              product: id,
              girth: {
                by: product.girth,
                mm:
                  product.girth === ring.girth.by &&
                  ring.girth.mm <= product.mostMm &&
                  ring.girth.mm >= product.leastMm
                    ? ring.girth.mm
                    : product.usualMm,
                ...(product.girth === 'body' ? { easeMm: product.easeMm } : {}),
              },
            },
          },
          'product',
        );
      }}
      choices={RING_PRODUCTS.map((p) => ({
        value: p.id,
        name: p.name,
        note: p.girth === 'body' ? `passes the ${p.measured}` : `sits on a ${p.measured}`,
      }))}
    />
  );
}

function WearerPicker({ close }: PickerProps) {
  const { ring, bench } = useRing();
  return (
    <label className="flex flex-col gap-1">
      <span className="font-medium text-sm">Who or what is it for?</span>
      <input
        className="rounded border border-ink-soft bg-white px-2 py-1.5 text-lg"
        value={ring.wearer}
        maxLength={LIMITS.ring['/wearer']}
        autoComplete="off"
        onChange={(e) => bench.dispatch({ type: 'set', patch: { wearer: e.target.value } }, 'wearer')}
        onKeyDown={(e) => e.key === 'Enter' && close()}
      />
    </label>
  );
}

function GirthPicker() {
  const { ring, bench } = useRing();
  const show = useLength();
  const product = findRingProduct(ring.product) ?? RING_PRODUCTS[0]!;
  const set = (patch: Partial<RingDesign['girth']>) =>
    bench.dispatch({ type: 'set', patch: { girth: { ...ring.girth, ...patch } } }, 'girth');
  return (
    <>
      <Issue path="/girth" />
      <LengthField
        label={`Girth of the ${product.measured}`}
        valueMm={ring.girth.mm}
        leastMm={product.leastMm}
        mostMm={product.mostMm}
        onChange={(mm) => set({ mm })}
      />
      <p className="text-ink-soft text-sm">{product.how}</p>
      {product.girth === 'body' ? (
        <LengthField
          label={`Room over the ${product.measured}`}
          valueMm={ring.girth.easeMm ?? product.easeMm}
          leastMm={0}
          mostMm={100}
          kind="small"
          hint="A closed ring doesn’t stretch: this much larger than what it must pass."
          onChange={(easeMm) => set({ easeMm })}
        />
      ) : (
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Something round to tie it on; measure yours</span>
          <ul className="flex max-h-44 flex-col overflow-y-auto">
            {HOUSEHOLD.filter((h) => h.girthMm <= product.mostMm).map((h) => (
              <li key={h.name}>
                <button
                  type="button"
                  className="flex w-full justify-between rounded px-2 py-1 text-left hover:bg-paper"
                  onClick={() => set({ mm: h.girthMm })}
                >
                  {h.name} <span className="figure text-ink-soft">about {show(h.girthMm)}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

function SizePicker() {
  const { ring, bench, plan } = useRing();
  const set = (patch: Partial<RingDesign>) => bench.dispatch({ type: 'set', patch }, 'size');
  return (
    <>
      <Issue path="/leads" />
      <Issue path="/bights" />
      <div className="grid grid-cols-2 gap-3">
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Leads: cords across</span>
          <NumberField
            label="Leads"
            value={ring.leads}
            least={2}
            most={40}
            onChange={(n) => n && set({ leads: n })}
          />
        </div>
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Bights: turns on each edge</span>
          <NumberField
            label="Bights"
            value={ring.bights}
            least={2}
            most={200}
            onChange={(n) => n && set({ bights: n })}
          />
        </div>
      </div>
      <p className="text-ink-soft text-sm">
        {plan.strands === 1
          ? 'One cord makes it.'
          : `It needs ${plan.strands} cords, because ${plan.strands} divides both numbers. With one cord: ${oneCordNear(ring.leads, ring.bights).join(', ')}.`}{' '}
        The grid below shows which rings suit this girth.
      </p>
    </>
  );
}

function CodingPicker() {
  const { ring, bench } = useRing();
  const choices = codingsFor(ring.leads, ring.bights);
  return (
    <>
      <Issue path="/coding" />
      <Choices
        label="What do neighbouring crossings do?"
        value={ring.coding}
        onChange={(coding) => bench.dispatch({ type: 'set', patch: { coding } }, 'coding')}
        choices={choices.map((coding) => {
          const shape = { ...shapeOfDesign(ring), coding };
          return {
            value: codingName(coding),
            name: codingWords(coding),
            note:
              coding.n === 1
                ? 'over one, under one, both ways'
                : coding.by === 'col'
                  ? 'slanting columns, each half cycle begins elsewhere in its word'
                  : readsBothWays(shape)
                    ? 'the same word in both directions'
                    : 'the two directions read different words',
          };
        })}
      />
    </>
  );
}

function LanesPicker() {
  const { ring, bench, plan } = useRing();
  const set = (patch: Partial<RingDesign>) => bench.dispatch({ type: 'set', patch });
  const colours = new Set(ring.lanes).size;
  const withCords = (count: number): RingDesign['cords'] => {
    const more = PALETTE.filter((p) => ring.cords.every((c) => c.colour !== p.id));
    return Array.from(
      { length: Math.max(count, 1) },
      (_, i) => ring.cords[i] ?? { colour: more[i]?.id ?? 'ember' },
    );
  };
  const lanesTo = (passes: number, cords: number) => {
    const lanes = laneArrangements(passes, Math.min(passes, cords))[0]!.lanes;
    set({ lanes: [...lanes], cords: withCords(Math.min(passes, cords)) });
  };
  const looks = (lanes: readonly number[]) => (
    <span className="flex flex-col gap-0.5" aria-hidden>
      {lanes.map((cord, i) => {
        const look = findColour(withCords(cord + 1)[cord]!.colour, ring.looks);
        return (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: lanes have no identity
            key={i}
            className="block h-2 w-14 rounded-sm border border-black/30"
            style={{ background: look?.base }}
          />
        );
      })}
    </span>
  );
  return (
    <>
      <Issue path="/lanes" />
      <Segments
        label="How many cords abreast?"
        value={String(ring.lanes.length)}
        onChange={(n) => lanesTo(Number(n), colours)}
        choices={['1', '2', '3', '4', '5'].map((value) => ({ value, name: value }))}
      />
      {plan.strands === 1 && (
        <Segments
          label="How many colours?"
          value={String(colours)}
          onChange={(n) => lanesTo(Math.max(ring.lanes.length, Number(n)), Number(n))}
          choices={['1', '2', '3'].map((value) => ({ value, name: value }))}
        />
      )}
      {plan.strands === 1 && ring.lanes.length > 1 && colours > 1 && (
        <Choices
          label={`Every way to lay them, from the left edge on: ${laneArrangements(ring.lanes.length, colours).length}`}
          value={ring.lanes.join(',')}
          onChange={(text) => set({ lanes: text.split(',').map(Number), cords: withCords(colours) })}
          choices={laneArrangements(ring.lanes.length, colours).map(({ lanes }) => ({
            value: lanes.join(','),
            name: lanes.map((c) => cordLetter(c)).join(' '),
            swatch: looks(lanes),
            note: lanes[0] === lanes.at(-1) && lanes.length > 2 ? 'the same on both edges' : undefined,
          }))}
        />
      )}
      {plan.strands > 1 && (
        <Choices
          label={`This ring is made of ${plan.strands} cords: each may have its colour`}
          value={(ring.strandCords ?? []).join(',')}
          onChange={(text) =>
            text === ''
              ? bench.dispatch({ type: 'set', patch: { strandCords: undefined } })
              : set({
                  strandCords: text.split(',').map(Number),
                  cords: withCords(1 + Math.max(...text.split(',').map(Number))),
                })
          }
          choices={[
            { value: '', name: 'all of one colour' },
            ...[2, Math.min(3, plan.strands)]
              .filter((n, i, all) => n <= plan.strands && all.indexOf(n) === i)
              .flatMap((n) => strandArrangements(plan.strands, n))
              .slice(0, 12)
              .map((list) => ({
                value: list.join(','),
                name: list.map((c) => cordLetter(c)).join(' '),
                swatch: looks(list),
              })),
          ]}
        />
      )}
      <p className="text-ink-soft text-sm">
        Passes of the first colour are laid first, each beside the one before it; a second colour is laid in
        the gap.
      </p>
    </>
  );
}

function CordPicker() {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="Which cord?"
      value={ring.cord}
      onChange={(cord) => bench.dispatch({ type: 'set', patch: { cord } }, 'cord')}
      choices={CORDS.map((c) => ({
        value: c.id,
        name: c.name,
        note: `${c.gramsPerMetre} g/m, ${FIBRE_MELTS[c.fibre] ? 'ends melt' : 'ends do not melt: stitch or bury'}`,
      }))}
    />
  );
}

const COLOUR_PICKERS = Array.from({ length: LIMITS.ring['/cords'] }, (_, cord) => () => (
  <ColourPicker cord={cord} />
));

function ColourWord({ cord }: { readonly cord: number }) {
  const { ring } = useRing();
  const id = ring.cords[cord]?.colour ?? '';
  const look = findColour(id, ring.looks);
  return (
    <span className="inline-flex items-baseline gap-1.5">
      {look && <Swatch colour={look} letter={cordLetter(cord)} />}
      <Word
        label={`Colour of cord ${cordLetter(cord)}`}
        letter={String(cord + 1)}
        text={look?.name ?? id}
        problem={useIssue(`/cords/${cord}`)}
        picker={COLOUR_PICKERS[cord]!}
      />
    </span>
  );
}

function ColourPicker({ cord }: { readonly cord: number }) {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="Which colour?"
      value={ring.cords[cord]!.colour}
      onChange={(colour) =>
        bench.dispatch(
          { type: 'set', patch: { cords: ring.cords.map((c, i) => (i === cord ? { ...c, colour } : c)) } },
          `colour-${cord}`,
        )
      }
      choices={[...byName(ring.looks ?? []), ...PALETTE].map((c) => ({
        value: c.id,
        name: c.name,
        swatch: <Swatch colour={c} letter={c.letter ?? ''} />,
      }))}
    />
  );
}

function WidthPicker() {
  const { ring, bench, plan } = useRing();
  const show = useLength();
  return (
    <>
      <Issue path="/widthMm" />
      <p className="text-[15px]">
        At its narrowest this ring is {show(plan.narrowMm)} wide. Wider, it is open: hold it on pins while you
        tie.
      </p>
      <LengthField
        label="Width over the cords"
        valueMm={ring.widthMm ?? plan.narrowMm}
        leastMm={2}
        mostMm={400}
        onChange={(widthMm) => bench.dispatch({ type: 'set', patch: { widthMm } }, 'width')}
      />
      {ring.widthMm !== undefined && (
        <Button onClick={() => bench.dispatch({ type: 'set', patch: { widthMm: undefined } })}>
          At its narrowest
        </Button>
      )}
    </>
  );
}

const ENDS: readonly Choice<RingDesign['ends']>[] = [
  { value: 'stitched', name: 'stitched', note: 'side by side under an over-crossing, sewn through' },
  { value: 'buried', name: 'buried', note: 'led on beside their own pass for half a cycle' },
  { value: 'melted', name: 'melted', note: 'cut and melted to their neighbour; only fibres that melt' },
];

function EndsPicker() {
  const { ring, bench } = useRing();
  return (
    <Choices
      label="What becomes of the ends?"
      value={ring.ends}
      onChange={(ends) => bench.dispatch({ type: 'set', patch: { ends } })}
      choices={ENDS}
    />
  );
}

function MirrorPicker() {
  const { ring, bench } = useRing();
  return (
    <>
      <Segments
        label="The first crossing of a half cycle that leaves the left edge"
        value={ring.first}
        onChange={(first) => bench.dispatch({ type: 'set', patch: { first } })}
        choices={[
          { value: 'O', name: 'over' },
          { value: 'U', name: 'under: the mirror image' },
        ]}
      />
      <Segments
        label="Which hand leads?"
        value={ring.hand ?? 'right'}
        onChange={(hand) =>
          bench.dispatch({ type: 'set', patch: { hand: hand === 'right' ? undefined : hand } })
        }
        choices={[
          { value: 'right', name: 'right' },
          { value: 'left', name: 'left: wound the other way' },
        ]}
      />
    </>
  );
}
