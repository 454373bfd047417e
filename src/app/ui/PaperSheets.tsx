import { PAGE } from '../../core/steps/card/paper.ts';

const SHEET = { width: PAGE.width - 2 * PAGE.margin, height: PAGE.height - 2 * PAGE.margin - 1 };

interface Props {
  /** SVG elements in mm, a sheet of A4 each, every text in them escaped by the core. */
  readonly sheets: readonly string[];
  /** What a sheet is called, by its number. */
  readonly label: (number: number) => string;
}

/** Sheets of the core's own drawing at full size, within the margins of the page. */
export function PaperSheets({ sheets, label }: Props) {
  return sheets.map((sheet, page) => (
    <svg
      // biome-ignore lint/suspicious/noArrayIndexKey: sheets have no identity but their number
      key={page}
      className="block break-inside-avoid"
      width={`${SHEET.width}mm`}
      height={`${SHEET.height}mm`}
      viewBox={`${PAGE.margin} ${page * PAGE.height + PAGE.margin} ${SHEET.width} ${SHEET.height}`}
      role="img"
      aria-label={label(page + 1)}
      // biome-ignore lint/security/noDangerouslySetInnerHtml: our own drawing, every text in it escaped by the core
      dangerouslySetInnerHTML={{ __html: sheet }}
    />
  ));
}
