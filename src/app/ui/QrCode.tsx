import qrcode from 'qrcode-generator';
import { useMemo } from 'react';

interface Props {
  readonly text: string;
  readonly label: string;
  readonly className?: string;
}

/** Light all round it, in modules: readers need four. */
const QUIET = 4;

/** A text as a QR code, black on white on any ground. */
export function QrCode({ text, label, className }: Props) {
  const { path, size } = useMemo(() => {
    const code = qrcode(0, 'M');
    code.addData(text, 'Byte');
    code.make();
    const count = code.getModuleCount();
    let d = '';
    for (let y = 0; y < count; y++)
      for (let x = 0; x < count; x++) if (code.isDark(y, x)) d += `M${x + QUIET} ${y + QUIET}h1v1h-1z`;
    return { path: d, size: count + 2 * QUIET };
  }, [text]);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
      className={className}
    >
      <rect width={size} height={size} fill="#ffffff" />
      <path d={path} fill="#000000" />
    </svg>
  );
}
