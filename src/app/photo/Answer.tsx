import { useEffect, useState } from 'react';
import { byTape } from '../../core/photo/byTape.ts';
import { Button } from '../ui/Button.tsx';
import { LengthField } from '../ui/LengthField.tsx';
import { Problem } from '../ui/Problem.tsx';
import { useLength } from '../ui/units.tsx';
import { WhyText } from '../ui/WhyNumber.tsx';
import { FoundBand } from './FoundBand.tsx';
import type { FromPhoto } from './types.ts';
import type { usePhoto } from './usePhoto.ts';

/** A photo tells no more than tenths of a millimetre. */
const tenths = (mm: number): number => Math.round(10 * mm) / 10;
/** What a tape can be laid along, in mm. */
const [LEAST_TAPE, MOST_TAPE] = [10, 5000];

/** What the marks come to, with its error; rows are taken over only where they are sure or were typed. A tape along the piece overrules the photo's scale. */
export function Answer({
  photo,
  onUse,
}: {
  readonly photo: ReturnType<typeof usePhoto>;
  readonly onUse: (found: FromPhoto) => void;
}) {
  const show = useLength();
  const { found, shown, isWorking } = photo;
  const [rows, setRows] = useState<number>();
  const [tapeMm, setTapeMm] = useState<number>();
  useEffect(() => {
    const counted = found?.kind === 'band' ? found.measured.rows : undefined;
    setRows(counted?.kind === 'rows' && counted.isSure ? counted.rows : undefined);
  }, [found]);
  if (!found) return <p className="text-ink-soft">{isWorking ? 'Measuring…' : ''}</p>;
  if (found.kind === 'failed') return <Problem>{found.message}</Problem>;
  const { measured } = found;
  const told = {
    lengthMm: tenths(measured.lengthMm),
    sdMm: measured.sdMm,
    widthMm: found.kind === 'band' ? found.measured.widthMm.median : undefined,
    why: measured.why,
  };
  const taped = byTape(told, tapeMm);
  const { lengthMm, sdMm, widthMm, why } = taped.ok ? taped.value : told;
  const notes = [...measured.notes, ...(taped.ok && taped.value.note ? [taped.value.note] : [])];
  const words = [
    `${show(lengthMm, { kind: 'small' })} ± ${show(sdMm, { kind: 'small' })}`,
    ...(rows ? [`${rows} rows`, `${show(lengthMm / rows, { kind: 'small' })} a row`] : []),
    ...(widthMm === undefined ? [] : [`${show(widthMm, { kind: 'small' })} wide`]),
  ];
  return (
    <section aria-label="What comes out" className={isWorking ? 'opacity-60' : ''}>
      <p role="status" className="figure text-2xl" data-testid="photo-found">
        {words.join(' · ')}
      </p>
      <p className="text-[15px] text-ink-soft" data-testid="photo-why">
        <WhyText why={why} />.
      </p>
      {notes.map((n) => (
        <p key={n} className="mt-1 text-amber-ink">
          {n}
        </p>
      ))}
      {found.kind === 'band' && (
        <div className="mt-2">
          <FoundBand
            measured={found.measured}
            scale={lengthMm / told.lengthMm}
            rows={rows}
            onRows={setRows}
          />
        </div>
      )}
      <div className="mt-3 flex flex-wrap items-end justify-between gap-3">
        <div className="w-64">
          <LengthField
            label="It is, by tape"
            valueMm={tapeMm}
            onChange={setTapeMm}
            onClear={() => setTapeMm(undefined)}
            leastMm={LEAST_TAPE}
            mostMm={MOST_TAPE}
            hint="Only if you have laid one along it."
          />
          {!taped.ok && <Problem>{taped.issues[0]!.message}</Problem>}
        </div>
        <Button
          look="next"
          className="px-6 py-2 text-lg"
          disabled={!taped.ok}
          onClick={() =>
            onUse({
              lengthMm,
              sdMm,
              small: shown?.small ?? '',
              ...(rows === undefined ? {} : { rows }),
              ...(widthMm === undefined ? {} : { widthMm: tenths(widthMm) }),
            })
          }
        >
          Use it
        </Button>
      </div>
    </section>
  );
}
