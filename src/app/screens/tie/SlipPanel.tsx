import { useMemo, useState } from 'react';
import { laneKey } from '../../../core/colour/lanes.ts';
import { findProduct } from '../../../core/fit/products.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import { strandSpans } from '../../../core/plan/spans.ts';
import type { Plan } from '../../../core/plan/types.ts';
import { alternates } from '../../../core/steps/reach/lostCount.ts';
import type { FaultyStretch } from '../../../core/steps/slips/faults.ts';
import { pullOf } from '../../../core/steps/slips/pull.ts';
import { slipScene } from '../../../core/steps/slips/slipPicture.ts';
import { locate, type SlipKind, slipsFor, stretchOf } from '../../../core/steps/slips/slips.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { type Asked, useStretches } from '../../state/useStretches.ts';
import { Button } from '../../ui/Button.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { Panel } from './Panel.tsx';
import { useHere, usePiece } from './TieContext.tsx';

const GOOD = 'good';
const STAYS = { no: 'Undo it', may: 'It may stay', yes: 'It is put right in place' } as const;

/** It looks wrong: pick the picture that looks like it. */
export default function SlipPanel({ onClose }: { readonly onClose: () => void }) {
  const { guide, plan, tying, pass, band } = useHere();
  const { know } = useWorkshop();
  const [picked, setPicked] = useState<SlipKind>();
  const { design } = tying;
  const { cut, frame } = guide.tying[pass]!;
  const colour = useColours(cut, plan, band);
  const kinds = useMemo(
    () =>
      slipsFor({
        cut,
        pattern: findPattern(design.pattern.id),
        alternates: alternates({ tying: guide.tying[pass]!, tells: guide.tells }),
        colours: colour.working,
        carriesLoad: findProduct(design.product)?.carriesLoad ?? false,
      }),
    [cut, design, guide, pass, colour],
  );
  const facts = know.facts(design.pattern.id);
  const asked = useMemo(() => {
    const pull = pullOf(facts, findPattern(design.pattern.id));
    const good: Asked = { id: GOOD, stretch: stretchOf(cut, { kind: 'none' })!, pull };
    return [
      good,
      ...kinds.flatMap((k): Asked[] =>
        typeof k.slip === 'string' ? [] : [{ id: k.id, stretch: stretchOf(cut, k.slip)!, pull }],
      ),
    ].filter((a) => a.stretch);
  }, [cut, kinds, facts, design]);
  const solved = useStretches(asked);
  const picture = (id: string, change?: 'loose' | 'colours') => {
    const tight = solved.get(change ? GOOD : id);
    const from = asked.find((a) => a.id === (change ? GOOD : id))?.stretch;
    if (tight === 'failed') return <p className="p-4 text-white/80">no picture of this one</p>;
    if (!tight || !from) return <p className="p-4 text-white">being tied wrong…</p>;
    return (
      <Picture
        solved={tight}
        stretch={from}
        frame={frame}
        colour={colour}
        d={plan.metrics.diameterMm}
        {...(change ? { change } : {})}
      />
    );
  };

  return (
    <Panel title="It looks wrong" onClose={onClose} wide>
      <p className="mt-1 text-ink-soft">
        Pick what you see. The first is as it should be; every other one has one thing wrong on purpose, in
        your colours.
      </p>
      <ul className="mt-4 grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-5">
        <li className="rounded-lg border-2 border-transparent">
          <div className="on-mat flex h-52 items-center justify-center overflow-hidden rounded-md bg-mat">
            {picture(GOOD)}
          </div>
          <p className="mt-1 font-semibold">As it should be</p>
        </li>
        {kinds.map((k) => (
          <li key={k.id}>
            <button
              type="button"
              aria-pressed={picked?.id === k.id}
              onClick={() => setPicked(k)}
              className="flex h-full w-full flex-col rounded-lg border-2 border-rule p-1 text-left hover:border-ink-soft aria-pressed:border-amber aria-pressed:bg-amber-pale aria-pressed:text-amber-ink"
            >
              <span className="on-mat flex h-48 items-center justify-center overflow-hidden rounded-md bg-mat">
                {picture(k.id, typeof k.slip === 'string' ? k.slip : undefined)}
              </span>
              <span className="mt-1 block font-semibold leading-tight">{k.title}</span>
              <span className="block text-base leading-snug">{k.looks}</span>
            </button>
          </li>
        ))}
      </ul>
      {picked && <Advice kind={picked} onSettled={onClose} />}
    </Panel>
  );
}

/** Where the slip is, and what to do about it. */
function Advice({ kind, onSettled }: { readonly kind: SlipKind; readonly onSettled: () => void }) {
  const { band, rowsDone } = useHere();
  const { dispatch } = usePiece();
  const [up, setUp] = useState(1);
  const where = locate(kind, rowsDone, up);
  function settle(undone: number) {
    dispatch({ type: 'slip', slip: { row: where.row, band, fault: kind.id, undone }, now: Date.now() });
    onSettled();
  }
  return (
    <section
      aria-label="What to do"
      className="sticky bottom-0 mt-4 rounded-lg border-2 border-amber bg-amber-pale p-4 text-amber-ink"
      role="status"
    >
      <p className="flex flex-wrap items-center gap-3 text-xl">
        <span aria-hidden>How many rows up from the last, the last being 1?</span>
        <NumberField
          label="How many rows up from the last, the last being 1?"
          least={1}
          most={Math.max(1, rowsDone)}
          value={up}
          onChange={(next) => setUp(next ?? 1)}
          className="w-24 border-amber-ink"
        />
      </p>
      <p className="mt-2 text-2xl" data-testid="slip-advice">
        It is in row <strong className="figure">{where.row}</strong>. {STAYS[kind.stays]}
        {where.undo > 0 && (
          <>
            {kind.stays === 'may' ? ', or undo ' : ': '}
            <strong className="figure">{where.undo}</strong> {where.undo === 1 ? 'row' : 'rows'}
          </>
        )}
        .
      </p>
      <p className="mt-1">{kind.advice}</p>
      <div className="mt-3 flex flex-wrap gap-3">
        {where.undo > 0 && (
          <Button
            look={kind.stays === 'no' ? 'next' : 'plain'}
            className="px-4 py-2 text-lg"
            onClick={() => settle(where.undo)}
          >
            Undo {where.undo} {where.undo === 1 ? 'row' : 'rows'}
          </Button>
        )}
        <Button
          look={kind.stays === 'no' ? 'plain' : 'next'}
          className="px-4 py-2 text-lg"
          onClick={() => settle(0)}
        >
          {kind.stays === 'yes' ? 'Put right' : 'Leave it'}
        </Button>
      </div>
    </section>
  );
}

type Colours = ReturnType<typeof useColours>;

/** Which cord an end has that starts in a slot, and a core. */
function useColours(cut: Parameters<typeof stretchOf>[0], plan: Plan, band: number) {
  return useMemo(() => {
    const spans = strandSpans(plan, band);
    const first = (strand: string, lane: number) => spans.get(laneKey(strand, lane))?.[0]?.cord ?? 0;
    const slots = cut
      .passes(0)
      .toSorted((a, b) => a.fromX - b.fromX)
      .map((p) => first(cut.spec.strands[p.strand]!.name, p.lane));
    return {
      looks: plan.cords.map((c) => c.look),
      slotCord: (slot: number) => slots[slot] ?? 0,
      coreCord: (strand: string) => first(strand, 0),
      // Ends cut apart may be of one colour: only colours that differ can change places.
      working: new Set(slots.map((slot) => plan.cords[slot]?.look.id)).size,
    };
  }, [cut, plan, band]);
}

interface PictureProps {
  readonly solved: SolvedWeave;
  readonly stretch: FaultyStretch;
  readonly frame: { readonly isMirrored: boolean; readonly offset: number };
  readonly colour: Colours;
  readonly d: number;
  readonly change?: 'loose' | 'colours';
}

function Picture({ solved, stretch, frame, colour, d, change }: PictureProps) {
  const scene = useMemo(
    () => slipScene({ stretch, solved, frame, ...colour, diameterMm: d, ...(change ? { change } : {}) }),
    [stretch, solved, frame, colour, d, change],
  );
  return <SceneView scene={scene} className="h-full max-w-full" data-testid="slip-picture" />;
}
