/** A sheet of labels: A4, three by eight, edge to edge. Lengths in mm. */
export const LABEL_SHEET = { widthMm: 210, heightMm: 297, columns: 3, rows: 8 } as const;
export const LABEL = {
  widthMm: LABEL_SHEET.widthMm / LABEL_SHEET.columns,
  heightMm: LABEL_SHEET.heightMm / LABEL_SHEET.rows,
} as const;
const PER_SHEET = LABEL_SHEET.columns * LABEL_SHEET.rows;

export interface PlacedLabel<T> {
  readonly label: T;
  readonly xMm: number;
  readonly yMm: number;
}

/** Labels on sheets, row by row. `skip` leaves the first places of the first sheet free, where labels are used up already. */
export function labelSheets<T>(labels: readonly T[], skip = 0): PlacedLabel<T>[][] {
  const sheets: PlacedLabel<T>[][] = [];
  for (const [i, label] of labels.entries()) {
    const place = i + skip;
    const onSheet = place % PER_SHEET;
    const sheet = Math.floor(place / PER_SHEET);
    sheets[sheet] ??= [];
    sheets[sheet]!.push({
      label,
      xMm: (onSheet % LABEL_SHEET.columns) * LABEL.widthMm,
      yMm: Math.floor(onSheet / LABEL_SHEET.columns) * LABEL.heightMm,
    });
  }
  return sheets;
}
