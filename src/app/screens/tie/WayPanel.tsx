import { type KeyboardEvent, useState } from 'react';
import { OWN_NAMES, OWN_RANGE } from '../../../core/steps/list/ownMeasures.ts';
import { SIDE_NAMES } from '../../../core/steps/rows/moves.ts';
import type { OwnMeasures, WayOfWorking } from '../../../core/steps/types.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { Panel } from './Panel.tsx';
import type { TiePrefs } from './prefs.ts';
import { useHere, usePiece } from './TieContext.tsx';

interface Props {
  readonly prefs: TiePrefs;
  readonly onPrefs: (change: Partial<TiePrefs>) => void;
  readonly onClose: () => void;
}

/** How this maker works, how Tie looks and sounds, and its keys. */
export default function WayPanel({ prefs, onPrefs, onClose }: Props) {
  const { tying } = useHere();
  const { dispatch } = usePiece();
  const { way } = tying.progress;
  const change = (part: Partial<WayOfWorking>) => dispatch({ type: 'way', way: { ...way, ...part } });
  return (
    <Panel title="How I work" onClose={onClose} wide>
      <div className="mt-4 grid gap-x-8 gap-y-5 md:grid-cols-2">
        <Pick
          label="Which hand leads"
          value={way.hand}
          options={['right', 'left']}
          names={SIDE_NAMES}
          onPick={(hand) => change({ hand })}
        />
        <Pick
          label="Rows start from the"
          value={way.start}
          options={['left', 'right']}
          names={SIDE_NAMES}
          onPick={(start) => change({ start })}
        />
        <Pick
          label="A melted end is"
          value={way.melt}
          options={['flat', 'bead']}
          names={{ flat: 'pressed flat', bead: 'let bead round' }}
          onPick={(melt) => change({ melt })}
        />
        <Pick
          label="An end that does not melt is"
          value={way.dry}
          options={['whip', 'stitch', 'glue']}
          names={{ whip: 'whipped', stitch: 'stitched', glue: 'glued' }}
          onPick={(dry) => change({ dry })}
        />
        <Toggle
          label="A child ties, an adult does flame and blade"
          isOn={way.withAdult}
          onToggle={(withAdult) => change({ withAdult })}
        />
        <Toggle
          label="Dark, for the evening"
          isOn={prefs.isDark}
          onToggle={(isDark) => onPrefs({ isDark })}
        />
        <Toggle
          label="Chime before a mark"
          isOn={prefs.hasChime}
          onToggle={(hasChime) => onPrefs({ hasChime })}
        />
        <Toggle
          label="Speak each step"
          isOn={prefs.isSpoken}
          onToggle={(isSpoken) => onPrefs({ isSpoken })}
        />
        <Pedal code={prefs.pedal} onCode={(pedal) => onPrefs({ pedal })} />
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-base" aria-label="Keys">
          {[
            ['Space, →, pedal', 'done, next'],
            ['←', 'back'],
            ['U; 5 U', 'undo a row; five rows'],
            ['L', 'I lost count'],
            ['W', 'will it reach?'],
            ['S', 'it looks wrong'],
            ['P', 'pause'],
            ['O', 'this sheet'],
          ].map(([key, what]) => (
            <div key={key} className="contents">
              <dt className="figure font-semibold">{key}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </div>
      <h3 className="mt-5 font-bold font-title text-xl">My own measures, for cutting without a ruler</h3>
      <div className="mt-2 grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        {(Object.keys(OWN_NAMES) as (keyof OwnMeasures)[]).map((key) => (
          <LengthField
            key={key}
            label={OWN_NAMES[key]}
            valueMm={way.own?.[key]}
            leastMm={OWN_RANGE[key][0]}
            mostMm={OWN_RANGE[key][1]}
            kind={key === 'thumbMm' ? 'small' : 'body'}
            onChange={(mm) => change({ own: { ...way.own, [key]: mm } })}
          />
        ))}
      </div>
    </Panel>
  );
}

interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly T[];
  readonly names: Readonly<Record<T, string>>;
  readonly onPick: (value: T) => void;
}

function Pick<T extends string>({ label, value, options, names, onPick }: PickProps<T>) {
  return (
    <fieldset>
      <legend className="font-semibold">{label}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {options.map((o) => (
          <Button
            key={o}
            aria-pressed={o === value}
            look={o === value ? 'next' : 'plain'}
            onClick={() => onPick(o)}
          >
            {names[o]}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

function Toggle({
  label,
  isOn,
  onToggle,
}: {
  label: string;
  isOn: boolean;
  onToggle: (on: boolean) => void;
}) {
  return (
    <label className="flex cursor-pointer items-center gap-3">
      <input
        type="checkbox"
        className="size-6 accent-amber-ink"
        checked={isOn}
        onChange={(e) => onToggle(e.target.checked)}
      />
      {label}
    </label>
  );
}

/** Any key can be the pedal: press it while the field listens. */
function Pedal({ code, onCode }: { code: string | undefined; onCode: (code: string | undefined) => void }) {
  const [listens, setListens] = useState(false);
  const take = (event: KeyboardEvent) => {
    if (!listens || event.key === 'Tab') return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key !== 'Escape') onCode(event.code);
    setListens(false);
  };
  return (
    <div>
      <p className="font-semibold">Foot pedal or another key for “done, next”</p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <Button onClick={() => setListens(true)} onKeyDown={take} onBlur={() => setListens(false)}>
          {listens ? 'Press it now…' : code ? `Pedal: ${code}` : 'Assign a key'}
        </Button>
        {code && (
          <Button look="quiet" onClick={() => onCode(undefined)}>
            Forget it
          </Button>
        )}
      </div>
    </div>
  );
}
