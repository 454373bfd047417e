import { useEffect } from 'react';
import { findColour } from '../../../../core/colour/palette.ts';
import type { Kit } from '../../../../core/kits/kits.ts';
import { LABEL, LABEL_SHEET, labelSheets } from '../../../../core/kits/labels.ts';
import { useLength } from '../../../ui/units.tsx';

interface Props {
  readonly list: readonly Kit[];
  readonly className: string;
  readonly onReady: () => void;
}

/** Letters of a line that fit a label at this size. */
const clipped = (text: string, most: number): string =>
  text.length > most ? `${text.slice(0, most - 1)}…` : text;

/** Labels at size, 24 a sheet: whose kit, wrist, hand, design and cords. */
export function Labels({ list, className, onReady }: Props) {
  const show = useLength();
  useEffect(onReady, [onReady]);
  return (
    <div className="hidden print:block print:[page:labels]" data-testid="labels">
      {labelSheets(list).map((sheet, i) => (
        <svg
          // biome-ignore lint/suspicious/noArrayIndexKey: sheets have no identity but their number
          key={i}
          className="block break-after-page last:break-after-auto"
          width={`${LABEL_SHEET.widthMm}mm`}
          height={`${LABEL_SHEET.heightMm - 0.5}mm`}
          viewBox={`0 0 ${LABEL_SHEET.widthMm} ${LABEL_SHEET.heightMm - 0.5}`}
          role="img"
          aria-label={`Labels, sheet ${i + 1}`}
        >
          {sheet.map(({ label: k, xMm, yMm }) => (
            <g key={k.number} transform={`translate(${xMm} ${yMm})`}>
              <rect
                x="1"
                y="1"
                width={LABEL.widthMm - 2}
                height={LABEL.heightMm - 2}
                rx="2"
                fill="none"
                stroke="#999"
                strokeWidth="0.2"
              />
              <text x="5" y="10" fontSize="6" fontWeight="700">
                {clipped(k.name, 17)}
              </text>
              <text x={LABEL.widthMm - 5} y="10" fontSize="6" textAnchor="end">
                {k.number}
              </text>
              <text x="5" y="15.5" fontSize="3.6">
                {clipped(`${k.designName}, wrist ${show(k.girthMm)}`, 38)}
              </text>
              {k.isLeftHanded && (
                <text x={LABEL.widthMm - 5} y="20.5" fontSize="3.6" fontWeight="700" textAnchor="end">
                  left-handed
                </text>
              )}
              {(k.made?.cords ?? []).slice(0, 4).map((c, n) => (
                <text key={c.letter} x="5" y={20.5 + n * 4} fontSize="3.4">
                  {c.letter} {findColour(c.colour)?.name ?? c.colour}{' '}
                  {show(c.lengthMm, { kind: 'cut', rounding: 'up' })}
                </text>
              ))}
              <text
                x={LABEL.widthMm - 5}
                y={LABEL.heightMm - 3.5}
                fontSize="2.6"
                textAnchor="end"
                fill="#444"
              >
                {clipped(className, 30)}
              </text>
            </g>
          ))}
        </svg>
      ))}
    </div>
  );
}
