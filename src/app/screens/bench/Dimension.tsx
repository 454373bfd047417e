interface Props {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly text: string;
  readonly testId?: string;
}

export const PX_PER_LETTER = 9.2;

/** A dimension line with its length; where it is too short for its words they stand beside it. */
export function Dimension({ from: a, to: b, y, text, testId }: Props) {
  const [from, to] = [Math.min(a, b), Math.max(a, b)];
  const half = (text.length * PX_PER_LETTER) / 2 + 6;
  const middle = (from + to) / 2;
  const fits = 2 * half + 8 < to - from;
  const lines = fits ? `M${from} ${y}H${middle - half}M${middle + half} ${y}H${to}` : `M${from} ${y}H${to}`;
  return (
    <g>
      <path
        d={`M${from} ${y - 6}v12M${to} ${y - 6}v12${lines}`}
        stroke="#e3a31b"
        strokeWidth="1.5"
        fill="none"
      />
      <text
        x={middle}
        y={fits ? y + 5 : y + 20}
        textAnchor="middle"
        fill="#fdf0cf"
        fontSize="15"
        className="figure"
        data-testid={testId}
      >
        {text}
      </text>
    </g>
  );
}
