import { useEffect, useMemo, useState } from 'react';
import type { Arrangement, Gallery } from '../../../core/colour/arrangements.ts';
import { cordLetter, findColour } from '../../../core/colour/palette.ts';
import { PER_MM, type Scene } from '../../../core/drawing/shape.ts';
import { laid, strandsOf } from '../../../core/plan/strands.ts';
import { openGallery } from '../../../workers/outside/gallery.ts';
import { useWeave, useWorkshop } from '../../state/knowledge.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { Swatch } from '../../ui/Swatch.tsx';
import { useBench } from './BenchContext.tsx';

/** Pictures drawn at once; more on demand. */
const PAGE = 24;

type Faces = { readonly front: Scene; readonly back: Scene };

/** Every distinct way to lay the cords in hand, drawn front and back, the best for the eye first; and the strands one by one. */
export default function Arrangements() {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const facts = know.facts(design.pattern.id);
  const solved = useWeave(design.pattern.id);
  const [isWithCores, setWithCores] = useState(false);
  const [sort, setSort] = useState('as found');
  const [most, setMost] = useState(PAGE);
  const ids = design.cords.map((c) => c.colour).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: cords are told apart by their ids
  const colours = useMemo(() => design.cords.flatMap((c) => findColour(c.colour, design.looks) ?? []), [ids]);
  const { gallery, pictures } = useGallery(solved, colours, isWithCores, most);
  if (!facts) return null;
  const items = gallery ? sorted(gallery.items, sort) : [];
  const strands = strandsOf(design, facts);
  const isPicked = (a: Arrangement) => Object.entries(a.strands).every(([k, c]) => strands[k] === c);
  return (
    <div className="flex max-h-[min(38rem,72vh)] flex-col gap-3 overflow-y-auto pr-1">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <p role="status" className="text-[15px]">
          {gallery
            ? `${gallery.total} distinct ${gallery.total === 1 ? 'way' : 'ways'} to lay ${colours.length} ${colours.length === 1 ? 'cord' : 'cords'}; turned over or end for end counts once.`
            : 'Laying the cords…'}
        </p>
        <label className="flex items-center gap-2">
          <span className="text-sm">first</span>
          <select
            className="rounded border border-ink-soft bg-white px-2 py-1"
            value={sort}
            onChange={(e) => setSort(e.target.value)}
          >
            {[
              'as found',
              'balanced',
              'contrast',
              ...colours.flatMap((c, i) =>
                ['front', 'back'].map((face) => `most ${cordLetter(i)} ${c.name} on the ${face}`),
              ),
            ].map((s) => (
              <option key={s}>{s}</option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2 text-sm">
          <input type="checkbox" checked={isWithCores} onChange={(e) => setWithCores(e.target.checked)} /> lay
          the cores, too
        </label>
      </div>
      <ul className="grid grid-cols-2 gap-2 md:grid-cols-3" data-testid="gallery">
        {items.slice(0, most).map((item) => {
          const faces = pictures.get(gallery!.items.indexOf(item));
          return (
            <li key={JSON.stringify(item.strands)}>
              <button
                type="button"
                aria-pressed={isPicked(item)}
                aria-label={`${letters(item, gallery!)}: front ${percents(item.shares.front)}, back ${percents(item.shares.back)}`}
                onClick={() => dispatch({ type: 'become', design: laid(design, facts, { ...item.strands }) })}
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
      {items.length > most && (
        <button type="button" className="self-start underline" onClick={() => setMost(most + PAGE)}>
          Show more ({items.length - most} left)
        </button>
      )}
      <section className="border-rule border-t pt-2">
        <h3 className="font-semibold">Strand by strand</h3>
        <div className="mt-1 flex flex-wrap gap-3">
          {Object.entries(strands).map(([key, cord]) => (
            <label key={key} className="flex items-center gap-1.5">
              <span className="figure text-sm">
                {key.replace(/\/(\d+)$/, (_, n) => (n === '0' ? '' : `′${n}`))}
              </span>
              {colours[cord] && <Swatch colour={colours[cord]} letter={cordLetter(cord)} size={20} />}
              <select
                aria-label={`Cord of strand ${key}`}
                className="rounded border border-ink-soft bg-white px-1.5 py-0.5"
                value={cord}
                onChange={(e) =>
                  dispatch({
                    type: 'become',
                    design: laid(design, facts, { ...strands, [key]: Number(e.target.value) }),
                  })
                }
              >
                {colours.map((c, i) => (
                  <option key={c.id} value={i}>
                    {cordLetter(i)}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
      </section>
    </div>
  );
}

function Face({ scene }: { readonly scene: Scene }) {
  return (
    <svg
      viewBox={`${scene.minX} ${scene.minY} ${scene.widthMm} ${scene.heightMm}`}
      className="block max-h-16 w-full"
      aria-hidden="true"
    >
      <g transform={`scale(${1 / PER_MM})`}>
        <Shapes shapes={scene.shapes} />
      </g>
    </svg>
  );
}

const letters = (item: Arrangement, gallery: Gallery): string =>
  gallery.lanes
    .filter((l) => !l.isCore)
    .map((l) => cordLetter(item.strands[l.key]!))
    .join('');

const percents = (shares: readonly number[]): string =>
  shares.map((s, i) => `${cordLetter(i)} ${Math.round(s * 100)} %`).join(', ');

function sorted(items: readonly Arrangement[], by: string): readonly Arrangement[] {
  if (by === 'balanced') return items.toSorted((a, b) => b.balance - a.balance);
  if (by === 'contrast') return items.toSorted((a, b) => b.contrast - a.contrast);
  const [, letter, face] = /^most ([A-F]) .* (front|back)$/.exec(by) ?? [];
  if (!letter) return items;
  const cord = letter.charCodeAt(0) - 65;
  const share = (a: Arrangement) => a.shares[face as 'front'][cord]!;
  return items.toSorted((a, b) => share(b) - share(a));
}

/** The gallery as it arrives from its worker; a change of weave or cords starts it anew and drops what was on its way. */
function useGallery(
  solved: ReturnType<typeof useWeave>,
  colours: Parameters<typeof openGallery>[0]['colours'],
  isWithCores: boolean,
  most: number,
) {
  const [gallery, setGallery] = useState<Gallery>();
  const [pictures, setPictures] = useState<ReadonlyMap<number, Faces>>(new Map());
  useEffect(() => {
    if (!solved || colours.length === 0) return;
    setPictures(new Map());
    return openGallery({ solved, colours, isWithCores, pictures: most }, (message) => {
      if (message.kind === 'found') setGallery(message.gallery);
      if (message.kind === 'picture')
        setPictures((old) => new Map(old).set(message.index, { front: message.front, back: message.back }));
    });
  }, [solved, colours, isWithCores, most]);
  return { gallery, pictures };
}
