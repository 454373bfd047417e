import { fail, ok, type Result } from '../result.ts';

/** Larger files are refused, and pictures of more pixels than these: they would fill the memory of a telephone. */
export const MOST_BYTES = 40_000_000;
export const MOST_PIXELS = 64_000_000;

export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

const no = (code: string, message: string) => fail({ code: `picture.${code}`, path: '', message });

/** What kind of picture a file holds, by its first bytes, and its size where those tell it. Anything else is refused with a reason. */
export function checkPicture(bytes: ArrayBuffer): Result<PictureSize | undefined> {
  if (bytes.byteLength > MOST_BYTES)
    return no('large', `The file is larger than ${MOST_BYTES / 1_000_000} MB: save the picture smaller.`);
  const view = new DataView(bytes);
  if (view.byteLength < 24) return no('kind', 'This is not a picture: the file is empty or cut off.');
  const text = (from: number, length: number) => String.fromCharCode(...new Uint8Array(bytes, from, length));
  if (text(4, 4) === 'ftyp' && /^(heic|heix|mif1|msf1|hevc)/.test(text(8, 4)))
    return no('kind', 'Many browsers can’t open HEIC pictures: save it as JPEG.');
  const isJpeg = view.getUint16(0) === 0xffd8;
  const isPng = text(1, 3) === 'PNG';
  const isWebp = text(0, 4) === 'RIFF' && text(8, 4) === 'WEBP';
  if (!isJpeg && !isPng && !isWebp)
    return no('kind', 'This is not a picture that can be opened: choose a JPEG, PNG or WebP file.');
  const size = isPng
    ? { width: view.getUint32(16), height: view.getUint32(20) }
    : isJpeg
      ? jpegSize(view)
      : undefined;
  if (size && size.width * size.height > MOST_PIXELS) {
    const mega = (n: number) => `${Math.round(n / 1_000_000)} megapixels`;
    return no(
      'large',
      `The picture has ${mega(size.width * size.height)}, more than the ${mega(MOST_PIXELS)} that are worked on: save it smaller. 12 are plenty.`,
    );
  }
  return ok(size);
}

/** Width and height from the first frame header of a JPEG: markers C0 … CF but for tables and arithmetic coding. */
function jpegSize(view: DataView): PictureSize | undefined {
  for (let at = 2; at + 9 <= view.byteLength; ) {
    const marker = view.getUint16(at);
    const isFrame = marker >= 0xffc0 && marker <= 0xffcf && ![0xffc4, 0xffc8, 0xffcc].includes(marker);
    if (isFrame) return { width: view.getUint16(at + 7), height: view.getUint16(at + 5) };
    if (marker >> 8 !== 0xff) return undefined;
    at += 2 + view.getUint16(at + 2);
  }
  return undefined;
}
