/** A point of the picture, in pixels of the working picture: x to the right, y down, pixel centres at whole numbers. Or a point of the table, in mm. */
export type Point = readonly [x: number, y: number];

/** A picture as it comes from a canvas: red, green, blue, opacity, 0 … 255, row by row. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** The long side of the picture that is worked on, in pixels. Marks refer to it. */
export const WORKING_PX = 2016;

/** What lies beside the piece so that its size is known. */
export interface Reference {
  readonly id: 'card' | 'square' | 'a4' | 'letter';
  readonly name: string;
  /** Longer side first, in mm. */
  readonly sidesMm: readonly [number, number];
  /** Radius of its corners, in mm. */
  readonly cornerMm: number;
  /** Its own thickness, in mm: so high is the plane that it shows. */
  readonly thicknessMm: number;
  /** Drawn in dark on light: only an edge that is light outside counts. */
  readonly isPrinted: boolean;
}

/** Bank cards: ISO/IEC 7810 ID-1. Sheets: ISO 216 and the Letter size of the United States. */
export const REFERENCES: readonly Reference[] = [
  {
    id: 'card',
    name: 'a bank card',
    sidesMm: [85.6, 53.98],
    cornerMm: 3.18,
    thicknessMm: 0.76,
    isPrinted: false,
  },
  {
    id: 'square',
    name: 'the printed 10 cm square',
    sidesMm: [100, 100],
    cornerMm: 0,
    thicknessMm: 0.1,
    isPrinted: true,
  },
  { id: 'a4', name: 'a sheet of A4', sidesMm: [297, 210], cornerMm: 0, thicknessMm: 0.1, isPrinted: false },
  {
    id: 'letter',
    name: 'a sheet of Letter',
    sidesMm: [279.4, 215.9],
    cornerMm: 0,
    thicknessMm: 0.1,
    isPrinted: false,
  },
];

/** What is known of the band in the picture. Lengths in mm. */
export interface BandExpected {
  readonly widthMm: number;
  readonly thicknessMm: number;
  /** 0 where it has no rows. */
  readonly rowMm: number;
  /** Rows after which the weave is the same again. */
  readonly rowsPerRepeat: number;
  /** Repeats after which the colours are the same again; 1 in one colour. */
  readonly colourRepeats: number;
}

/** What the maker marks in the picture. */
export interface Marks {
  readonly reference: Reference['id'];
  /** Raised to the middle of the piece instead of flat on the table. */
  readonly isRaised: boolean;
  /** The four corners, in any order. */
  readonly corners: readonly Point[];
  /** Whether the corners are drawn to the edges near them. */
  readonly snaps: boolean;
  /** Both tips of the bars across the two ends. */
  readonly ends: readonly (readonly [Point, Point])[];
  /** Points between the ends, from the first to the second. */
  readonly between: readonly Point[];
}

/** What the camera says of itself: focal length as of a 35 mm film, in mm. */
export interface PictureFacts {
  readonly focal35Mm?: number | undefined;
  /** Cut to a part: its middle is not where the lens looked, and its height above the table cannot be told. */
  readonly isCropped?: boolean;
}
