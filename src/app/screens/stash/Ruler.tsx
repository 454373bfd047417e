import { useUnits } from '../../ui/units.tsx';
import { NAMES_PX } from './Shelf.tsx';

/** A ruler over the bars, in metres or in five feet each. */
export function Ruler({ widthPx, pxPerMm }: { readonly widthPx: number; readonly pxPerMm: number }) {
  const units = useUnits();
  const stepMm = units === 'imperial' ? 5 * 304.8 : 1000;
  const step = stepMm * pxPerMm;
  // Figures only where there is room for them.
  const every = step < 30 ? 5 : 1;
  return (
    <svg width={NAMES_PX + widthPx + 30} height="24" aria-hidden="true" className="block">
      {Array.from({ length: Math.floor(widthPx / step) + 1 }, (_, i) => {
        const x = NAMES_PX + i * step;
        return (
          <g key={x}>
            <path d={`M${x} 0v${i % every === 0 ? 10 : 6}`} stroke="#c9ddd6" />
            {i % every === 0 && (
              <text x={x + 3} y="20" fontSize="12" fill="#e4efeb" className="figure">
                {units === 'imperial' ? 5 * i : i}
                {i === 0 ? (units === 'imperial' ? ' ft' : ' m') : ''}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
