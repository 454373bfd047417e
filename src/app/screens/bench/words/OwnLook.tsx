import { useState } from 'react';
import { bringLooks, type CordColour, freeLookId, LOOKS, PALETTE } from '../../../../core/colour/palette.ts';
import { cordScene } from '../../../../core/drawing/cordSample.ts';
import { PER_MM } from '../../../../core/drawing/shape.ts';
import { sceneSvg } from '../../../../core/drawing/svg.ts';
import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import { formatPalette } from '../../../../core/formats/palette.ts';
import { download, fileStem } from '../../../export/download.ts';
import { readPaletteFile } from '../../../export/paletteFile.ts';
import { Button } from '../../../ui/Button.tsx';
import { Select } from '../../../ui/Select.tsx';
import { Shapes } from '../../../ui/Shapes.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useBench } from '../BenchContext.tsx';

const MOST = LIMITS.design['/looks'];

const EMPTY: CordColour = {
  id: '',
  name: '',
  letter: '',
  base: '#5a7d4f',
  look: 'solid',
  accents: ['#e9e7df', '#27333a', '#c9a24b'],
};

/** A cord of one's own: name, letter, look, colours and the scale of its pattern; and palettes in and out. */
export default function OwnLook({ index }: { readonly index: number }) {
  const { design, dispatch } = useBench();
  const [open, setOpen] = useState(false);
  const [draft, setDraft] = useState(EMPTY);
  const [problem, setProblem] = useState<string>();
  const own = design.looks ?? [];
  const kept = own.find((l) => l.name === draft.name.trim());
  const isFull = !kept && own.length >= MOST;
  const accents = LOOKS.find((l) => l.look === draft.look)!.accents;
  const look: CordColour = {
    ...draft,
    id: kept?.id ?? freeLookId(own),
    name: draft.name.trim(),
    accents: draft.accents.slice(0, accents),
    ...(draft.letter ? { letter: draft.letter } : {}),
  };
  function save() {
    if (!look.name) return setProblem('Give it a name.');
    if (PALETTE.some((p) => p.name === look.name))
      return setProblem('The stall has a cord of that name already.');
    if (isFull) return setProblem(`A design can hold ${MOST} cords of your own, and this one has them all.`);
    setProblem(undefined);
    const { letter, ...rest } = look;
    dispatch({ type: 'look', look: letter ? look : rest });
    return dispatch({ type: 'colour', index, id: look.id });
  }
  async function bring(file: File | undefined) {
    if (!file) return;
    const read = await readPaletteFile(file);
    if (!read.ok) return setProblem(`${read.issues[0]!.path} ${read.issues[0]!.message}`.trim());
    const { looks, left } = bringLooks(own, read.value, MOST);
    setProblem(
      left.length === 0
        ? undefined
        : `A design can hold ${MOST} cords of your own: ${left.length} of ${read.value.length} found no room, from “${left[0]!.name}” on.`,
    );
    dispatch({ type: 'looks', looks });
  }
  if (!open)
    return (
      <Button look="quiet" onClick={() => setOpen(true)}>
        A cord of my own…
      </Button>
    );
  return (
    <section
      aria-label="A cord of my own"
      data-keeps-open
      className="flex flex-col gap-2 border-rule border-t pt-3"
    >
      <div className="flex items-center gap-3">
        <Swatch colour={look} letter={draft.letter ?? ''} size={40} />
        <Text
          label="Name"
          value={draft.name}
          most={LIMITS.design['/looks/*/name']}
          onChange={(name) => setDraft({ ...draft, name })}
        />
        <Text
          label="Letter"
          value={draft.letter ?? ''}
          most={LIMITS.design['/looks/*/letter']}
          onChange={(letter) => setDraft({ ...draft, letter })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Look</span>
          <Select
            label="Look"
            value={draft.look}
            onChange={(look) => setDraft({ ...draft, look })}
            choices={LOOKS.map((l) => ({ value: l.look, name: l.name }))}
          />
        </div>
        <Colour label="Base" value={draft.base} onChange={(base) => setDraft({ ...draft, base })} />
        {Array.from({ length: accents }, (_, i) => (
          <Colour
            // biome-ignore lint/suspicious/noArrayIndexKey: accents have no identity but their place
            key={i}
            label={`Accent ${i + 1}`}
            value={draft.accents[i]!}
            onChange={(hex) =>
              setDraft({ ...draft, accents: draft.accents.map((a, k) => (k === i ? hex : a)) })
            }
          />
        ))}
        {accents > 0 && (
          <label className="flex flex-col gap-1">
            <span className="font-medium text-sm">Pattern’s scale</span>
            <input
              type="range"
              min="0.5"
              max="3"
              step="0.1"
              value={draft.scale ?? 1}
              onChange={(e) => setDraft({ ...draft, scale: Number(e.target.value) })}
            />
          </label>
        )}
      </div>
      <CordSample look={look} />
      {problem && (
        <p role="alert" className="text-bad text-sm">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="next" onClick={save}>
          Use this cord
        </Button>
        <Button
          disabled={own.length === 0}
          onClick={() =>
            download({
              name: 'palette.json',
              type: 'application/json',
              text: formatPalette(own),
            })
          }
        >
          Save my palette
        </Button>
        <Button
          onClick={() =>
            download({
              name: `${fileStem(look.name || 'cord')}.svg`,
              type: 'image/svg+xml',
              text: sceneSvg(cordScene(look), look.name || 'cord'),
            })
          }
        >
          Save its look
        </Button>
        <label className="cursor-pointer rounded-md border border-ink-soft px-3 py-1.5 text-[15px] focus-within:outline-2 hover:bg-rule/50">
          Bring a palette
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(e) => void bring(e.target.files?.[0])}
          />
        </label>
      </div>
    </section>
  );
}

/** A straight length of the cord, as it is drawn on the Beam. */
function CordSample({ look }: { readonly look: CordColour }) {
  const scene = cordScene(look);
  return (
    <svg
      className="block h-10 w-full rounded bg-mat"
      viewBox={`${scene.minX} ${scene.minY} ${scene.widthMm} ${scene.heightMm}`}
      role="img"
      aria-label="What the cord looks like"
    >
      <g transform={`scale(${1 / PER_MM})`}>
        <Shapes shapes={scene.shapes} />
      </g>
    </svg>
  );
}

interface TextProps {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onChange: (value: string) => void;
}

const Text = ({ label, value, most, onChange }: TextProps) => (
  <label className="flex min-w-0 grow flex-col gap-1">
    <span className="font-medium text-sm">{label}</span>
    <input
      className="w-full rounded border border-ink-soft bg-white px-2 py-1.5"
      value={value}
      maxLength={most}
      autoComplete="off"
      onChange={(e) => onChange(e.target.value)}
    />
  </label>
);

function Colour({ label, value, onChange }: Omit<TextProps, 'most'>) {
  return (
    <label className="flex flex-col gap-1">
      <span className="font-medium text-sm">{label}</span>
      <input
        type="color"
        className="h-9 w-14 rounded border border-ink-soft"
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  );
}
