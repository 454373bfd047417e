import { useState } from 'react';
import { layWords } from '../../../core/rings/lays.ts';
import { findPlace, findSlip, leftBights, slipWords } from '../../../core/rings/place.ts';
import { parseLetters } from '../../../core/rings/typedList.ts';
import { type Bight, bightName } from '../../../core/rings/types.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { useRing } from './RingContext.tsx';

interface Props {
  readonly onClose: () => void;
  readonly onPlace: (laid: number) => void;
}

/** Lost your place, or a wrong tuck: what can be seen in the work tells where it is. */
export function LostSheet({ onClose, onPlace }: Props) {
  return (
    <Sheet title="Where are you?" place="tall" close="top" onClose={onClose}>
      <div className="mt-3 grid gap-6 sm:grid-cols-2">
        <Place onPlace={onPlace} />
        <WrongTuck />
      </div>
    </Sheet>
  );
}

const asBight = (text: string): Bight | undefined => {
  const match = /^\s*([LR])\s*(\d+)\s*$/i.exec(text);
  return match ? { edge: match[1]!.toUpperCase() as 'L' | 'R', number: Number(match[2]) } : undefined;
};

const MOST_LISTED = 6;

function Place({ onPlace }: { readonly onPlace: (laid: number) => void }) {
  const { plan } = useRing();
  const passes = plan.ring.passes;
  const [pass, setPass] = useState('');
  const [bights, setBights] = useState('');
  const [last, setLast] = useState('');
  const [letters, setLetters] = useState('');
  const bight = asBight(last);
  const isAsked = [pass, bights, last, letters].some((t) => t.trim() !== '');
  const found = findPlace(plan.lays, {
    ...(pass.trim() ? { pass: Number(pass) } : {}),
    ...(bights.trim() ? { leftBights: Number(bights) } : {}),
    ...(bight ? { last: bight } : {}),
    ...(letters.trim() ? { letters } : {}),
  });
  const places = found.ok ? found.value : [];
  return (
    <section aria-label="Find the place" className="flex flex-col gap-3">
      <h3 className="font-bold font-title text-lg">Lost your place?</h3>
      <p className="text-[15px] text-ink-soft">
        Enter whatever you can see. One clue helps; two usually settle it.
      </p>
      {passes > 1 && (
        <TextField
          label={`Which pass, 1 to ${passes}`}
          inputMode="numeric"
          value={pass}
          onChange={(e) => setPass(e.target.value)}
        />
      )}
      <TextField
        label="Turns on the left edge in this pass, the standing end’s place among them"
        inputMode="numeric"
        value={bights}
        onChange={(e) => setBights(e.target.value)}
      />
      <TextField
        label="Where the working end comes out, like L3 or R5"
        value={last}
        problem={last.trim() && !bight ? 'Write L or R and a number.' : undefined}
        onChange={(e) => setLast(e.target.value)}
      />
      <TextField
        label="What the last half cycle did, like O1 U1"
        value={letters}
        problem={found.ok ? undefined : found.issues[0]!.message}
        onChange={(e) => setLetters(e.target.value)}
      />
      {isAsked && found.ok && (
        <div role="status" className="flex flex-col gap-2">
          {places.length === 0 && (
            <p className="text-bad">No half cycle is like that. Check one clue after the other.</p>
          )}
          {places.length > MOST_LISTED && (
            <p>{places.length} half cycles are like that: one more clue, please.</p>
          )}
          {places.length > 0 &&
            places.length <= MOST_LISTED &&
            places.map((lay) => (
              <Button key={lay.n} onClick={() => onPlace(lay.n)} className="justify-start text-left">
                After half cycle {lay.k}
                {passes > 1 ? ` of pass ${lay.pass}` : ''}: {bightName(lay.from)} → {bightName(lay.to)},{' '}
                {layWords(lay)}, {leftBights(plan.lays, lay)} on the left edge
              </Button>
            ))}
        </div>
      )}
    </section>
  );
}

function WrongTuck() {
  const { plan, laid } = useRing();
  const [k, setK] = useState(String(plan.lays[laid - 1]?.k ?? 1));
  const [did, setDid] = useState('');
  const pass = plan.lays[Math.max(0, laid - 1)]?.pass ?? 1;
  const lay = plan.lays.find((l) => l.pass === pass && l.k === Number(k));
  const read = parseLetters(did);
  const slip =
    lay && read.ok && did.trim() ? findSlip(plan.lays, lay.n, read.value, Math.max(laid, lay.n)) : undefined;
  return (
    <section aria-label="Check a half cycle" className="flex flex-col gap-3">
      <h3 className="font-bold font-title text-lg">A wrong tuck?</h3>
      <p className="text-[15px] text-ink-soft">
        Follow one half cycle along its way and enter what it does at each crossing.
      </p>
      <TextField
        label={`Half cycle, 1 to ${2 * plan.shape.bights}`}
        inputMode="numeric"
        value={k}
        onChange={(e) => setK(e.target.value)}
      />
      <TextField label="What it does, like O1 U1 O1" value={did} onChange={(e) => setDid(e.target.value)} />
      {lay && (
        <div className="flex gap-2">
          {(['O', 'U'] as const).map((letter) => (
            <Button key={letter} onClick={() => setDid(`${did} ${letter}1`.trim())}>
              {letter === 'O' ? 'over' : 'under'}
            </Button>
          ))}
          <Button look="quiet" onClick={() => setDid('')}>
            Clear
          </Button>
        </div>
      )}
      {!lay && <Problem>There is no such half cycle.</Problem>}
      {!read.ok && <Problem>{read.issues[0]!.message}</Problem>}
      {lay && read.ok && did.trim() !== '' && (
        <p role="status" className={slip ? 'font-semibold text-bad' : 'font-semibold text-good'}>
          {slip ? slipWords(lay, slip) : `Right: half cycle ${lay.k} is ${layWords(lay)}.`}
        </p>
      )}
    </section>
  );
}
