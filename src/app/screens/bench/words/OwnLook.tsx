import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { bringLooks, type CordColour, freeLookId, LOOKS, PALETTE } from '../../../../core/colour/palette.ts';
import { cordScene } from '../../../../core/drawing/cordSample.ts';
import { sceneSvg } from '../../../../core/drawing/svg.ts';
import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import { formatPalette, parsePalette } from '../../../../core/formats/palette.ts';
import { fail, type Result } from '../../../../core/result.ts';
import { download, fileStem } from '../../../export/download.ts';
import { readPaletteFile } from '../../../export/paletteFile.ts';
import { Button } from '../../../ui/Button.tsx';
import { FilePicker } from '../../../ui/FilePicker.tsx';
import { readBy } from '../../../ui/form.ts';
import { Problem } from '../../../ui/Problem.tsx';
import { SceneView } from '../../../ui/SceneView.tsx';
import { Select } from '../../../ui/Select.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { TextField } from '../../../ui/TextField.tsx';
import { useBench } from '../BenchContext.tsx';

const MOST = LIMITS.design['/looks'];

type Draft = Required<Pick<CordColour, 'name' | 'letter' | 'base' | 'look' | 'scale'>> & {
  readonly accents: string[];
};

const EMPTY: Draft = {
  name: '',
  letter: '',
  base: '#5a7d4f',
  look: 'solid',
  scale: 1,
  accents: ['#e9e7df', '#27333a', '#c9a24b'],
};

/** The cord that a draft describes; one of the same name is replaced. */
function lookOf(draft: Draft, own: readonly CordColour[]): CordColour {
  const name = draft.name.trim();
  const accents = LOOKS.find((l) => l.look === draft.look)!.accents;
  return {
    id: own.find((l) => l.name === name)?.id ?? freeLookId(own),
    name,
    base: draft.base,
    look: draft.look,
    accents: draft.accents.slice(0, accents),
    ...(draft.letter ? { letter: draft.letter } : {}),
    ...(draft.scale === 1 ? {} : { scale: draft.scale }),
  };
}

/** What only this design knows, then what the palette's own schema says. */
function judgeLook(draft: Draft, own: readonly CordColour[]): Result<unknown> {
  const look = lookOf(draft, own);
  const wrong = (message: string) => fail({ code: 'look', path: '/looks/0/name', message });
  if (!look.name) return wrong('Give it a name.');
  if (PALETTE.some((p) => p.name === look.name)) return wrong('The stall has a cord of that name already.');
  if (own.length >= MOST && own.every((l) => l.id !== look.id))
    return wrong(`A design can hold ${MOST} cords of your own, and this one has them all.`);
  return parsePalette(formatPalette([look]));
}

/** A cord of one's own: name, letter, look, colours and the scale of its pattern; and palettes in and out. */
export default function OwnLook({ index }: { readonly index: number }) {
  const { design, dispatch } = useBench();
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<string>();
  const own = design.looks ?? [];
  if (!open)
    return (
      <Button look="quiet" onClick={() => setOpen(true)}>
        A cord of my own…
      </Button>
    );
  async function bring(file: File) {
    const read = await readPaletteFile(file);
    if (!read.ok) return setProblem(`${read.issues[0]!.path} ${read.issues[0]!.message}`.trim());
    const { looks, left } = bringLooks(own, read.value, MOST);
    setProblem(
      left.length === 0
        ? undefined
        : `A design can hold ${MOST} cords of your own: ${left.length} of ${read.value.length} found no room, from “${left[0]!.name}” on.`,
    );
    return dispatch({ type: 'looks', looks });
  }
  return (
    <section
      aria-label="A cord of my own"
      data-keeps-open
      className="flex flex-col gap-2 border-rule border-t pt-3"
    >
      <LookForm
        own={own}
        onUse={(look) => {
          dispatch({ type: 'look', look });
          dispatch({ type: 'colour', index, id: look.id });
        }}
      />
      <Problem>{problem}</Problem>
      <div className="flex flex-wrap gap-2">
        <Button
          disabled={own.length === 0}
          onClick={() =>
            download({ name: 'palette.json', type: 'application/json', text: formatPalette(own) })
          }
        >
          Save my palette
        </Button>
        <FilePicker
          label="Bring a palette"
          accept=".json,application/json"
          onFile={(file) => void bring(file)}
        />
      </div>
    </section>
  );
}

function LookForm({
  own,
  onUse,
}: {
  readonly own: readonly CordColour[];
  readonly onUse: (look: CordColour) => void;
}) {
  const { control, register, watch, handleSubmit, formState } = useForm<Draft>({
    defaultValues: EMPTY,
    resolver: readBy<Draft, unknown>(
      (draft) => judgeLook(draft, own),
      (path) => /\/(name|letter|base|scale)$/.exec(path)?.[1] as 'name' | undefined,
    ),
  });
  const draft = watch();
  const look = lookOf(draft, own);
  const { errors } = formState;
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => void handleSubmit((made) => onUse(lookOf(made, own)))(event)}
    >
      <div className="flex items-center gap-3">
        <Swatch colour={look} letter={draft.letter} size={40} />
        <TextField label="Name" maxLength={LIMITS.design['/looks/*/name']} {...register('name')} />
        <TextField label="Letter" maxLength={LIMITS.design['/looks/*/letter']} {...register('letter')} />
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Look</span>
          <Controller
            name="look"
            control={control}
            render={({ field }) => (
              <Select
                label="Look"
                value={field.value}
                onChange={field.onChange}
                choices={LOOKS.map((l) => ({ value: l.look, name: l.name }))}
              />
            )}
          />
        </div>
        <Colour label="Base" field={register('base')} />
        {look.accents.map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: accents have no identity but their place
          <Colour key={i} label={`Accent ${i + 1}`} field={register(`accents.${i}`)} />
        ))}
        {look.accents.length > 0 && (
          <label className="flex flex-col gap-1">
            <span className="font-medium text-sm">Pattern’s scale</span>
            <input
              type="range"
              min="0.5"
              max="3"
              step="0.1"
              {...register('scale', { valueAsNumber: true })}
            />
          </label>
        )}
      </div>
      <CordSample look={look} />
      <Problem>{Object.values(errors).find((e) => e?.message)?.message as string | undefined}</Problem>
      <div className="flex flex-wrap gap-2">
        <Button look="next" type="submit">
          Use this cord
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
      </div>
    </form>
  );
}

/** A straight length of the cord, as it is drawn on the Beam. */
const CordSample = ({ look }: { readonly look: CordColour }) => (
  <SceneView
    scene={cordScene(look)}
    label="What the cord looks like"
    className="block h-10 w-full rounded bg-mat"
  />
);

const Colour = ({ label, field }: { readonly label: string; readonly field: object }) => (
  <label className="flex flex-col gap-1">
    <span className="font-medium text-sm">{label}</span>
    <input type="color" className="h-9 w-14 rounded border border-ink-soft" {...field} />
  </label>
);
