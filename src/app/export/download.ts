/** A file on its way out of the browser. */
export interface ExportFile {
  readonly name: string;
  readonly type: string;
  readonly text: string;
}

/** A file name from the design's own name: letters, digits and dashes only. */
export function fileStem(name: string): string {
  const stem = name
    .normalize('NFC')
    .toLowerCase()
    // Letters, digits and marks of any script; everything that a file system may take for its own is left out.
    .replace(/[^\p{L}\p{M}\p{N}\s_-]/gu, '')
    .trim()
    .replace(/[\s_-]+/g, '-');
  // Some file systems allow 255 bytes, and endings are added.
  return [...stem].slice(0, MOST_STEM).join('') || 'design';
}

const MOST_STEM = 60;

/** A stored record exactly as it is, whatever is wrong with it. */
export const storedFile = (record: { readonly name: string; readonly design: unknown }): ExportFile => ({
  name: `${fileStem(record.name)}-as-stored.json`,
  type: 'application/json',
  text: `${JSON.stringify(record.design, null, 2)}\n`,
});

/** Hands a file to the browser to keep. */
export const download = (file: ExportFile): void =>
  hand(file.name, new Blob([file.text], { type: file.type }));

/** The same of a file that is no text. */
export const downloadBytes = (file: Omit<ExportFile, 'text'> & { readonly bytes: Uint8Array }): void =>
  hand(file.name, new Blob([file.bytes as Uint8Array<ArrayBuffer>], { type: file.type }));

function hand(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
