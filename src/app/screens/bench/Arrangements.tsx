import { useEffect, useMemo, useRef, useState } from 'react';
import type { Arrangement, Gallery } from '../../../core/colour/arrangements.ts';
import { type GalleryOrder, inOrder, orderKey } from '../../../core/colour/order.ts';
import { type CordColour, cordLetter, findColour } from '../../../core/colour/palette.ts';
import type { Scene } from '../../../core/drawing/shape.ts';
import { strandsOf, withStrands } from '../../../core/plan/strands.ts';
import { plural } from '../../../core/words.ts';
import { type OpenGallery, openGallery } from '../../../workers/outside/gallery.ts';
import type { GalleryAsk } from '../../../workers/protocol.ts';
import { useWeave, useWorkshop } from '../../state/knowledge.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { Select, type SelectChoice } from '../../ui/Select.tsx';
import { Swatch } from '../../ui/Swatch.tsx';
import { useBench } from './BenchContext.tsx';

/** Pictures drawn at once; more on demand. */
const PAGE = 24;

const LISTED: GalleryOrder = { by: 'listed' };

type Faces = { readonly front: Scene; readonly back: Scene };

/** Every distinct way to lay the cords in hand, drawn front and back, the best for the eye first; and the strands one by one. */
export default function Arrangements() {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const facts = know.facts(design.pattern.id);
  const solved = useWeave(design.pattern.id);
  const [isWithCores, setWithCores] = useState(false);
  const [order, setOrder] = useState<GalleryOrder>(LISTED);
  const [most, setMost] = useState(PAGE);
  const ids = design.cords.map((c) => c.colour).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: cords are told apart by their ids
  const colours = useMemo(() => design.cords.flatMap((c) => findColour(c.colour, design.looks) ?? []), [ids]);
  const { gallery, pictures, shown } = useGallery(solved, colours, isWithCores, order, most);
  if (!facts) return null;
  const strands = strandsOf(design, facts);
  const isPicked = (a: Arrangement) => Object.entries(a.strands).every(([k, c]) => strands[k] === c);
  return (
    <div className="flex max-h-[min(38rem,72vh)] flex-col gap-3 overflow-y-auto pr-1">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <p role="status" className="text-[15px]">
          {gallery
            ? `${gallery.total} distinct ${plural(gallery.total, 'way')} to arrange ${colours.length} ${plural(colours.length, 'cord')}. Turned over or end for end counts as the same.`
            : 'Arranging the cords…'}
        </p>
        <span className="flex items-center gap-2">
          <span className="text-sm">First</span>
          <Select
            label="First"
            value={order}
            by={(a, b) => orderKey(a) === orderKey(b)}
            onChange={setOrder}
            choices={orders(colours)}
          />
        </span>
        <label className="flex items-center gap-2 text-sm">
          <input type="checkbox" checked={isWithCores} onChange={(e) => setWithCores(e.target.checked)} />{' '}
          arrange the cores, too
        </label>
      </div>
      <ul className="grid grid-cols-2 gap-2 md:grid-cols-3" data-testid="gallery">
        {shown.map((index) => {
          const item = gallery!.items[index]!;
          const faces = pictures.get(index);
          return (
            <li key={JSON.stringify(item.strands)}>
              <button
                type="button"
                aria-pressed={isPicked(item)}
                aria-label={`${letters(item, gallery!)}: front ${percents(item.shares.front)}, back ${percents(item.shares.back)}`}
                onClick={() =>
                  dispatch({ type: 'become', design: withStrands(design, facts, { ...item.strands }) })
                }
                className="flex w-full flex-col gap-1 rounded-lg border border-rule bg-card p-2 text-left hover:border-ink-soft aria-pressed:border-amber aria-pressed:bg-amber-pale"
              >
                <span className="flex flex-col gap-1 rounded bg-mat p-1.5">
                  {faces ? (
                    <>
                      <Face scene={faces.front} />
                      <Face scene={faces.back} />
                    </>
                  ) : (
                    <span className="block h-16" />
                  )}
                </span>
                <span className="figure text-sm">
                  {letters(item, gallery!)} · {percents(item.shares.front)}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {gallery && gallery.items.length > most && (
        <button type="button" className="self-start underline" onClick={() => setMost(most + PAGE)}>
          Show more ({gallery.items.length - most} left)
        </button>
      )}
      <section className="border-rule border-t pt-2">
        <h3 className="font-semibold">Strand by strand</h3>
        <div className="mt-1 flex flex-wrap gap-3">
          {Object.entries(strands).map(([key, cord]) => (
            <span key={key} className="flex items-center gap-1.5">
              <span className="figure text-sm">
                {key.replace(/\/(\d+)$/, (_, n) => (n === '0' ? '' : `′${n}`))}
              </span>
              <Select
                label={`Cord of strand ${key}`}
                opens="up"
                value={cord}
                onChange={(next) =>
                  dispatch({
                    type: 'become',
                    design: withStrands(design, facts, { ...strands, [key]: next }),
                  })
                }
                choices={colours.map((c, i) => ({
                  value: i,
                  name: cordLetter(i),
                  picture: <Swatch colour={c} letter="" size={18} />,
                }))}
              />
            </span>
          ))}
        </div>
      </section>
    </div>
  );
}

const Face = ({ scene }: { readonly scene: Scene }) => (
  <SceneView scene={scene} className="block max-h-16 w-full" />
);

const letters = (item: Arrangement, gallery: Gallery): string =>
  gallery.lanes
    .filter((l) => !l.isCore)
    .map((l) => cordLetter(item.strands[l.key]!))
    .join('');

const percents = (shares: readonly number[]): string =>
  shares.map((s, i) => `${cordLetter(i)} ${Math.round(s * 100)} %`).join(', ');

/** What can come first, in words. */
const orders = (colours: readonly CordColour[]): SelectChoice<GalleryOrder>[] => [
  { value: LISTED, name: 'in no special order' },
  { value: { by: 'balance' }, name: 'most evenly shared' },
  { value: { by: 'contrast' }, name: 'strongest contrast' },
  ...colours.flatMap((c, cord) =>
    (['front', 'back'] as const).map((face) => ({
      value: { by: 'share' as const, cord, face },
      name: `most ${cordLetter(cord)} ${c.name} on the ${face}`,
    })),
  ),
];

/**
 * The gallery as it arrives from its worker, and pictures of what is shown, in the order shown. Another weave or other
 * cords begin again and drop what was on its way; more of the same only adds.
 */
function useGallery(
  solved: ReturnType<typeof useWeave>,
  colours: GalleryAsk['colours'],
  isWithCores: boolean,
  order: GalleryOrder,
  most: number,
) {
  const [gallery, setGallery] = useState<Gallery>();
  const [pictures, setPictures] = useState<ReadonlyMap<number, Faces>>(new Map());
  const opened = useRef<{ readonly worker: OpenGallery; readonly asked: Set<number> }>(undefined);
  useEffect(() => {
    if (!solved || colours.length === 0) return;
    setPictures(new Map());
    setGallery(undefined);
    const worker = openGallery({ solved, colours, isWithCores }, (message) => {
      if (message.kind === 'found') setGallery(message.gallery);
      else
        setPictures((old) => new Map(old).set(message.index, { front: message.front, back: message.back }));
    });
    opened.current = { worker, asked: new Set() };
    return () => {
      opened.current = undefined;
      worker.close();
    };
  }, [solved, colours, isWithCores]);
  const shown = useMemo(
    () => (gallery ? inOrder(gallery.items, order).slice(0, most) : []),
    [gallery, order, most],
  );
  useEffect(() => {
    const { current } = opened;
    const missing = shown.filter((i) => current && !current.asked.has(i));
    if (!current || missing.length === 0) return;
    for (const i of missing) current.asked.add(i);
    current.worker.draw(missing);
  }, [shown]);
  return { gallery, pictures, shown };
}
