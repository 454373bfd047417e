import { useMemo } from 'react';
import { findClosure } from '../../../core/closures/index.ts';
import { beamScene } from '../../../core/drawing/beam.ts';
import { PER_MM } from '../../../core/drawing/shape.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import type { Band, BandMark } from '../../../core/plan/types.ts';
import { whyText } from '../../../core/why/why.ts';
import { usePictures } from '../../state/knowledge.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import { usePlan } from './BenchContext.tsx';

/** The longest piece that is printed at full size on a page of 186 mm of print width. */
const FULL_SIZE_MM = 186;

/** One page for the bench: cuts, the piece, how a row goes, cautions, and a strip to check that the print is 1:1. */
export function PrintCard() {
  const shown = usePlan();
  const pictures = usePictures(shown?.planned.pattern.id, shown?.plan);
  const show = useLength();
  const system = useUnits();
  const scene = useMemo(
    () => shown && pictures && beamScene(shown.planned, shown.plan, pictures, 'front'),
    [shown, pictures],
  );
  if (!shown || !scene) return null;
  const { plan, planned } = shown;
  const scale = Math.min(1, FULL_SIZE_MM / scene.widthMm);
  const pattern = findPattern(planned.pattern.id);
  const closure = findClosure(planned.closure.kind);
  return (
    <article className="hidden text-[11pt] text-black print:block" data-testid="print-card">
      <h1 className="font-bold font-title text-[20pt]">{planned.name}</h1>
      <p>
        for {planned.wearer.name}, girth {show(planned.wearer.girthMm)} — finished, closed{' '}
        {show(plan.finishedLengthMm)}, woven {show(plan.wovenLengthMm)}, {plan.rows} rows
      </p>
      <svg
        className="my-3 block"
        width={`${scene.widthMm * scale}mm`}
        height={`${scene.heightMm * scale}mm`}
        viewBox={`${scene.minX} ${scene.minY} ${scene.widthMm} ${scene.heightMm}`}
        aria-hidden="true"
      >
        <g transform={`scale(${1 / PER_MM})`}>
          <Shapes shapes={scene.shapes} />
        </g>
      </svg>
      <p className="text-[9pt]">
        {scale === 1
          ? 'The piece at full size, open.'
          : `The piece at ${Math.round(scale * 100)} % of its size, open.`}
      </p>
      <table className="mt-3 w-full border-collapse">
        <thead>
          <tr className="border-black border-b text-left">
            <th className="py-1">Cut</th>
            <th>Cord</th>
            <th>What it is for</th>
            <th>Marks</th>
            <th className="text-right">Length</th>
          </tr>
        </thead>
        <tbody>
          {plan.cords.map((c) => (
            <tr key={c.letter} className="border-gray-400 border-b align-top">
              <td className="whitespace-nowrap py-1 pr-3 font-bold">☐ {c.letter}</td>
              <td className="pr-3">{c.name}</td>
              <td className="pr-3">{c.role}</td>
              <td>
                {c.marks
                  .map((m) => (m.atMm === 0 ? `${m.what}: first end` : `${m.what} at ${show(m.atMm)}`))
                  .join('; ')}
              </td>
              <td className="figure whitespace-nowrap pl-3 text-right font-bold">
                {show(c.cutLengthMm, { kind: 'cut', rounding: 'up' })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="mt-3 font-bold">Set it up, and stop at the marks</h2>
      <ul className="list-disc pl-5">
        <li>
          {plan.figures.jig.label}: {whyText(plan.figures.jig.why, system)}.
        </li>
        {plan.bands.flatMap((band) =>
          band.marks.map((mark) => (
            <li key={`${band.name} ${mark.label} ${mark.atMm}`}>
              {plan.bands.length > 1 && `${band.name}: `}
              {mark.label}, {markPlace(band, mark, show)}
            </li>
          )),
        )}
      </ul>
      {pattern && (
        <>
          <h2 className="mt-3 font-bold">How a row goes</h2>
          <p>{pattern.words}</p>
          <p>{pattern.next}</p>
        </>
      )}
      <h2 className="mt-3 font-bold">Look at this</h2>
      <ul className="list-disc pl-5">
        {plan.checks
          .filter((c) => !c.ok)
          .map((c) => (
            <li key={c.id}>{whyText(c.message, system)}</li>
          ))}
        {closure && <li>{closure.words}</li>}
        <li>
          Seal ends with the flame away from you and wait before touching: molten cord burns. Cut away from
          your hand. Local rules come first.
        </li>
        {plan.cautions.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      <svg
        className="mt-5 block"
        width="104mm"
        height="12mm"
        viewBox="-2 0 104 12"
        aria-label="100 mm check strip"
        data-testid="strip"
      >
        <path
          d={`M0 4H100${Array.from({ length: 11 }, (_, i) => `M${i * 10} 1v6`).join('')}`}
          stroke="black"
          strokeWidth="0.4"
          fill="none"
          data-testid="strip-line"
        />
        <text x="0" y="11" fontSize="3.4">
          check: this line is 100 mm ({formatInches()}) — if not, print at 100 %
        </text>
      </svg>
    </article>
  );
}

const formatInches = () => '3 15/16 in';

/** Where a mark lies, as one would measure it on the bench. */
function markPlace(band: Band, mark: BandMark, show: ReturnType<typeof useLength>): string {
  const end = band.startMm + band.wovenMm;
  if (mark.atMm > end + 0.5) return `${show(mark.atMm - end)} beyond the last row`;
  if (mark.atMm < band.startMm - 0.5) return `${show(band.startMm - mark.atMm)} before the first row`;
  return `${show(mark.atMm)} from the ${band.start.kind === 'bar' ? 'first bar' : 'start'}`;
}
