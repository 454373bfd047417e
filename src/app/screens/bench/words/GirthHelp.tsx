import { useState } from 'react';
import {
  type FoundGirth,
  girthByBand,
  girthByString,
  girthByStrip,
  USUAL_STRING_MM,
} from '../../../../core/fit/girth.ts';
import { findProduct, PRODUCTS } from '../../../../core/fit/products.ts';
import { SLACKS } from '../../../../core/fit/schools.ts';
import { SHEETS, type SheetSize, wristStripSvg } from '../../../../core/fit/wristStrip.ts';
import { download } from '../../../export/download.ts';
import { Button } from '../../../ui/Button.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { useLength } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { useBench } from '../BenchContext.tsx';

type Way = 'strip' | 'string' | 'band';
const WAYS = [
  { value: 'strip', name: 'a paper strip' },
  { value: 'string', name: 'a string' },
  { value: 'band', name: 'a band that fits' },
] as const;
type Room = (typeof SLACKS)[number]['id'];
const ROOMS = SLACKS.map((s) => ({ value: s.id, name: s.id }));
const roomMm = (room: Room): number => SLACKS.find((s) => s.id === room)!.slackMm;
/** What goes round more than the body itself: string and band are a little longer. */
const LONGER = 1.3;

/** A girth without a tape: by a printed strip, a string, or a band that fits; each says how sure it is. */
export default function GirthHelp() {
  const { design, dispatch } = useBench();
  const show = useLength();
  const product = findProduct(design.product) ?? PRODUCTS[0]!;
  const { leastMm, mostMm, name } = product.girth;
  const [way, setWay] = useState<Way>('strip');
  const [read, setRead] = useState<number>();
  const [string, setString] = useState(USUAL_STRING_MM);
  const [room, setRoom] = useState<Room>('easy');
  const found = read === undefined ? undefined : foundBy(way, read, string, roomMm(room));
  const isPossible = found !== undefined && found.girthMm >= leastMm && found.girthMm <= mostMm;
  const save = (size: SheetSize) =>
    download({
      name: `strip-for-the-${name.replaceAll(' ', '-')}-${size}.svg`,
      type: 'image/svg+xml',
      text: wristStripSvg(name, mostMm, size),
    });
  const label = {
    strip: 'It reads at the slit',
    string: 'The string measures',
    band: 'Its inside, closed, measures',
  }[way];
  return (
    <div className="mt-2 flex flex-col gap-3 rounded-lg border border-rule p-3">
      <Segments
        label="Measured by"
        value={way}
        choices={WAYS}
        onChange={(next) => {
          setWay(next);
          setRead(undefined);
        }}
      />
      <p className="text-sm">{HOW[way]}</p>
      {way === 'strip' && (
        <div className="flex flex-wrap gap-2">
          {(['a4', 'letter'] as const).map((size) => (
            <Button key={size} onClick={() => save(size)}>
              Save the strip for {SHEETS[size].name}
            </Button>
          ))}
        </div>
      )}
      <LengthField
        key={way}
        label={label}
        valueMm={read}
        leastMm={leastMm}
        mostMm={mostMm * LONGER}
        onChange={setRead}
        onClear={() => setRead(undefined)}
      />
      {way === 'string' && (
        <LengthField
          label="Thickness of the string"
          kind="small"
          valueMm={string}
          leastMm={0}
          mostMm={8}
          onChange={setString}
        />
      )}
      {way === 'band' && <Segments label="How it fits" value={room} choices={ROOMS} onChange={setRoom} />}
      {found && (
        <>
          <p className="text-sm" data-testid="girth-found">
            <strong className="figure">
              {show(found.girthMm)} ± {show(found.sdMm, { kind: 'small' })}
            </strong>
            : <WhyText why={found.why} />.
          </p>
          {isPossible ? (
            <Button
              look="next"
              className="self-start"
              onClick={() =>
                dispatch(
                  { type: 'girth', mm: Math.round(found.girthMm * 10) / 10, sdMm: found.sdMm },
                  'girth',
                )
              }
            >
              Use it
            </Button>
          ) : (
            <p role="alert" className="text-bad text-sm">
              A {name} measures from {show(leastMm)} to {show(mostMm)}: check the number.
            </p>
          )}
        </>
      )}
    </div>
  );
}

const HOW: Readonly<Record<Way, string>> = {
  strip:
    'Print it at 100 % and check the 100 mm line. Push the tail through the slit and read the scale there.',
  string: 'Wrap it round once without squeezing, mark where it meets, and measure that length on a ruler.',
  band: 'Close a band that fits and measure round its inside with a string, or press it flat and double its inside width.',
};

function foundBy(way: Way, readMm: number, stringMm: number, leftMm: number): FoundGirth {
  if (way === 'strip') return girthByStrip(readMm);
  return way === 'string' ? girthByString(readMm, stringMm) : girthByBand(readMm, leftMm);
}
