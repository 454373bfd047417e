/** Mixes two #rrggbb colours; share 0 is the first, 1 the second. */
export function mix(from: string, to: string, share: number): string {
  const part = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
  const channel = (at: number) =>
    Math.round(part(from, at) * (1 - share) + part(to, at) * share)
      .toString(16)
      .padStart(2, '0');
  return `#${channel(1)}${channel(3)}${channel(5)}`;
}

/** Relative luminance after WCAG 2, 0 black … 1 white. */
export function luminance(hex: string): number {
  const linear = (at: number) => {
    const c = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * linear(1) + 0.7152 * linear(3) + 0.0722 * linear(5);
}

/** Black or white, whichever reads on a ground with a contrast of 4.5 or better (WCAG 2, 1.4.3). */
export const inkOn = (ground: string): string => (luminance(ground) > 0.18 ? '#000000' : '#ffffff');
