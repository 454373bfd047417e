/** Exif 2.32: the pointer to the block of shooting facts, and in it the focal length as of 35 mm film. */
const EXIF_BLOCK = 0x8769;
const FOCAL_35 = 0xa405;
/** JPEG markers: start of image, application block 1, start of the picture's data. */
const [SOI, APP1, SOS] = [0xffd8, 0xffe1, 0xffda];

/** The focal length that a JPEG tells, in mm of 35 mm film; undefined where it tells none, or is no JPEG. Never throws. */
export function focal35Of(bytes: ArrayBuffer): number | undefined {
  const view = new DataView(bytes);
  if (view.byteLength < 4 || view.getUint16(0) !== SOI) return undefined;
  for (let at = 2; at + 4 <= view.byteLength; ) {
    const [marker, length] = [view.getUint16(at), view.getUint16(at + 2)];
    if (marker === SOS || length < 2) return undefined;
    // "Exif", two zeros, then a file in the shape of TIFF.
    if (marker === APP1 && at + 10 <= view.byteLength && view.getUint32(at + 4) === 0x45786966)
      return readTiff(view, at + 10, Math.min(view.byteLength, at + 2 + length));
    at += 2 + length;
  }
  return undefined;
}

function readTiff(view: DataView, start: number, end: number): number | undefined {
  if (start + 8 > end) return undefined;
  const isLittle = view.getUint16(start) === 0x4949;
  const value = (block: number, tag: number): number | undefined => {
    const at = start + block;
    if (block < 8 || at + 2 > end) return undefined;
    const count = view.getUint16(at, isLittle);
    for (let i = 0; i < count && at + 2 + 12 * (i + 1) <= end; i++) {
      const entry = at + 2 + 12 * i;
      if (view.getUint16(entry, isLittle) !== tag) continue;
      // Type 3 is a short number, 4 a long one.
      return view.getUint16(entry + 2, isLittle) === 3
        ? view.getUint16(entry + 8, isLittle)
        : view.getUint32(entry + 8, isLittle);
    }
    return undefined;
  };
  const block = value(view.getUint32(start + 4, isLittle), EXIF_BLOCK);
  const focal = block === undefined ? undefined : value(block, FOCAL_35);
  return focal && focal > 5 && focal < 1000 ? focal : undefined;
}
