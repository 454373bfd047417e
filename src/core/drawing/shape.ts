/**
 * What a picture is made of: plain data that a screen, an SVG file or a test can read. Coordinates inside `d` are
 * whole hundredths of a millimetre (short to write, finer than any printer); all other numbers are mm.
 */
export interface Shape {
  readonly d: string;
  readonly fill?: string;
  readonly stroke?: string;
  readonly width?: number;
  /** The stroke is moved by this much. */
  readonly shift?: readonly [number, number];
  readonly opacity?: number;
  readonly cap?: 'butt' | 'round';
  readonly rule?: 'evenodd';
  /** The strand and cord that a stroke belongs to, for pointing. */
  readonly strand?: string;
  readonly cord?: number;
  readonly part?: 'outline';
}

export interface Scene {
  readonly minX: number;
  readonly minY: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly shapes: readonly Shape[];
}

/** Units of path coordinates per millimetre. */
export const PER_MM = 100;

/** A coordinate in mm as it stands in a path. */
export const fix = (mm: number): string => String(Math.round(mm * PER_MM));
