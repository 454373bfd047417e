/** What a picture is made of: plain data that a screen, an SVG file or a test can read. Coordinates in mm. */
export interface Shape {
  readonly d: string;
  readonly fill?: string;
  readonly stroke?: string;
  readonly width?: number;
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

/** Coordinates to 0.01 mm, without trailing zeros: finer than any printer. */
export const fix = (value: number): string => String(Math.round(value * 100) / 100);
