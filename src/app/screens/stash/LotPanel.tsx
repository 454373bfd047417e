import { useRef, useState } from 'react';
import { findCord } from '../../../core/cord/cords.ts';
import { ARM_SPAN_MM, type Holding, type Known, lengthByWeight } from '../../../core/stash/types.ts';
import { newId } from '../../../storage/ids.ts';
import type { Asked, StashView } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useLength } from '../../ui/units.tsx';
import { KNOWN, lotName } from './names.ts';
import { ScaleReader } from './ScaleReader.tsx';

interface Props {
  readonly holding: Holding;
  readonly write: StashView['write'];
}

/** One hank in hand: take cord, put an offcut back, measure it again, say where it is. */
export function LotPanel({ holding, write }: Props) {
  const show = useLength();
  const [problem, setProblem] = useState<string>();
  const { lot, amount } = holding;
  const isCord = lot.kind === 'cord';
  /** What prevents it is said; whether it is done comes back. */
  const ask = async (asked: Asked): Promise<boolean> => {
    const trouble = await write([asked]);
    setProblem(trouble);
    return trouble === undefined;
  };
  return (
    <section
      aria-label={lotName(holding)}
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4 text-ink"
    >
      <h2 className="font-bold font-title text-xl">{lotName(holding)}</h2>
      <p className="figure text-2xl">
        <span data-testid="lot-amount">{isCord ? show(amount, { kind: 'cut' }) : Math.round(amount)}</span>
        <span className="ml-2 font-sans text-[15px] text-ink-soft">{KNOWN[holding.known]}</span>
      </p>
      <Problem>{problem}</Problem>
      <Take
        isCord={isCord}
        most={amount}
        onTake={(mm, purpose) => ask({ what: 'take', lotId: lot.id, amount: mm, purpose })}
      />
      {isCord && (
        <PutBack
          most={holding.out}
          onPutBack={(mm) =>
            ask({
              what: 'put-back',
              lotId: lot.id,
              amount: mm,
              lot: { ...lot, id: newId(), form: 'offcut' },
            })
          }
        />
      )}
      <Measure
        holding={holding}
        onMeasure={(mm, known) => ask({ what: 'measure', lotId: lot.id, amount: mm, known })}
      />
      <Place place={lot.place ?? ''} onMove={(place) => ask({ what: 'move', lotId: lot.id, place })} />
    </section>
  );
}

/** A figure that is used once: it is gone when what it was for is done, so that a second press does nothing more. */
function useOnce() {
  const [mm, setMm] = useState<number>();
  const [round, setRound] = useState(0);
  const isBusy = useRef(false);
  async function whenDone(act: () => Promise<boolean>) {
    if (isBusy.current) return;
    isBusy.current = true;
    try {
      if (!(await act())) return;
      setMm(undefined);
      setRound((r) => r + 1);
    } finally {
      isBusy.current = false;
    }
  }
  /** `round` is the key of the field: a new one is empty. */
  return { mm, setMm, round, whenDone };
}

function Take({
  isCord,
  most,
  onTake,
}: {
  isCord: boolean;
  most: number;
  onTake: (mm: number, purpose: string) => Promise<boolean>;
}) {
  const { mm, setMm, round, whenDone } = useOnce();
  const [purpose, setPurpose] = useState('');
  return (
    <form
      className="flex flex-col gap-2 border-rule border-t pt-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (mm) void whenDone(() => onTake(mm, purpose.trim() || 'a piece'));
      }}
    >
      {isCord ? (
        <LengthField
          key={round}
          label="Take cord"
          valueMm={mm}
          leastMm={10}
          mostMm={Math.max(10, most)}
          onChange={setMm}
          onWrong={() => setMm(undefined)}
        />
      ) : (
        <>
          <span className="font-medium text-sm">Take</span>
          <NumberField
            key={round}
            label="Take"
            value={mm}
            least={1}
            most={Math.max(1, Math.round(most))}
            onChange={setMm}
          />
        </>
      )}
      <TextField label="For" value={purpose} maxLength={200} onChange={(e) => setPurpose(e.target.value)} />
      <Button type="submit" look="next" className="self-start" disabled={!mm}>
        Take it
      </Button>
    </form>
  );
}

function PutBack({ most, onPutBack }: { most: number; onPutBack: (mm: number) => Promise<boolean> }) {
  const { mm, setMm, round, whenDone } = useOnce();
  if (most < 10) return null;
  return (
    <div className="flex flex-col gap-2 border-rule border-t pt-3">
      <LengthField
        key={round}
        label="Put an offcut back"
        valueMm={mm}
        leastMm={10}
        mostMm={most}
        onChange={setMm}
        onWrong={() => setMm(undefined)}
      />
      <Button className="self-start" disabled={!mm} onClick={() => mm && whenDone(() => onPutBack(mm))}>
        Put it back
      </Button>
    </div>
  );
}

const WAYS = [
  { value: 'tape', name: 'tape' },
  { value: 'weight', name: 'weight' },
  { value: 'spans', name: 'arm spans' },
] as const;

function Measure({
  holding,
  onMeasure,
}: {
  holding: Holding;
  onMeasure: (amount: number, known: Known) => void;
}) {
  const show = useLength();
  const isCord = holding.lot.kind === 'cord';
  const [way, setWay] = useState<'tape' | 'weight' | 'spans'>('tape');
  const [mm, setMm] = useState<number>();
  const [grams, setGrams] = useState('');
  const [spool, setSpool] = useState('0');
  const [spans, setSpans] = useState('');
  const perMetre = findCord(holding.lot.cord ?? '')?.gramsPerMetre;
  const length =
    way === 'tape'
      ? mm
      : way === 'weight'
        ? perMetre && grams.trim()
          ? lengthByWeight(Number(grams.replace(',', '.')), Number(spool.replace(',', '.')), perMetre)
          : undefined
        : spans.trim() && Number(spans.replace(',', '.')) > 0
          ? Number(spans.replace(',', '.')) * ARM_SPAN_MM
          : undefined;
  if (!isCord)
    return (
      <div className="flex flex-col gap-2 border-rule border-t pt-3">
        <span className="font-medium text-sm">Counted again</span>
        <div className="flex gap-2">
          <NumberField label="Counted again" value={mm} least={0} onChange={setMm} />
          <Button disabled={mm === undefined} onClick={() => mm !== undefined && onMeasure(mm, 'count')}>
            It is so many
          </Button>
        </div>
      </div>
    );
  return (
    <div className="flex flex-col gap-2 border-rule border-t pt-3">
      <Segments label="Measure it again by" value={way} choices={WAYS} onChange={setWay} />
      {way === 'tape' && (
        <LengthField label="Length" valueMm={mm} leastMm={0} mostMm={1_000_000} onChange={setMm} />
      )}
      {way === 'weight' && (
        <>
          <div className="flex gap-2">
            <TextField
              label="On the scale, g"
              inputMode="decimal"
              value={grams}
              onChange={(e) => setGrams(e.target.value)}
            />
            <TextField
              label="Empty spool, g"
              inputMode="decimal"
              value={spool}
              onChange={(e) => setSpool(e.target.value)}
            />
          </div>
          <ScaleReader onEmpty={(g) => setSpool(g.toFixed(1))} onWeigh={(g) => setGrams(g.toFixed(1))} />
        </>
      )}
      {way === 'spans' && (
        <TextField
          label={`Arm spans of ${show(ARM_SPAN_MM)}`}
          inputMode="decimal"
          value={spans}
          onChange={(e) => setSpans(e.target.value)}
        />
      )}
      <Button
        className="self-start"
        disabled={length === undefined}
        onClick={() => length !== undefined && onMeasure(length, way)}
      >
        {length === undefined ? 'It is so long' : `It is ${show(length, { kind: 'cut' })}`}
      </Button>
    </div>
  );
}

function Place({ place, onMove }: { place: string; onMove: (place: string) => void }) {
  const [typed, setTyped] = useState(place);
  return (
    <form
      className="flex items-end gap-2 border-rule border-t pt-3"
      onSubmit={(e) => {
        e.preventDefault();
        onMove(typed.trim());
      }}
    >
      <TextField
        label="Where it is"
        value={typed}
        maxLength={100}
        onChange={(e) => setTyped(e.target.value)}
      />
      <Button type="submit" disabled={typed.trim() === place}>
        Keep
      </Button>
    </form>
  );
}
