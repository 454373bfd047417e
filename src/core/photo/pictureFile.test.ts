import { describe, expect, it } from 'vitest';
import { focal35Of } from './exif.ts';
import { checkPicture } from './pictureFile.ts';

const bytes = (...list: readonly (number | string)[]): ArrayBuffer => {
  const flat = list.flatMap((v) => (typeof v === 'string' ? [...v].map((c) => c.charCodeAt(0)) : [v]));
  return new Uint8Array([...flat, ...new Array<number>(Math.max(0, 32 - flat.length)).fill(0)]).buffer;
};
const said = (b: ArrayBuffer): string => {
  const r = checkPicture(b);
  return r.ok ? '' : r.issues[0]!.message;
};

describe('a file that is chosen as a picture', () => {
  it('is a PNG with its size in the header', () => {
    const png = bytes(0x89, 'PNG', 13, 10, 26, 10, 0, 0, 0, 13, 'IHDR', 0, 0, 0x0f, 0xa0, 0, 0, 0x0b, 0xb8);
    expect(checkPicture(png)).toEqual({ ok: true, value: { width: 4000, height: 3000 } });
  });

  it('is a JPEG with its size in the frame header, past other blocks', () => {
    const jpeg = bytes(0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 0xff, 0xc0, 0, 17, 8, 0x0b, 0xb8, 0x0f, 0xa0, 3);
    expect(checkPicture(jpeg)).toEqual({ ok: true, value: { width: 4000, height: 3000 } });
  });

  it('is refused where it is none, and the reason says what to do', () => {
    expect(said(bytes('cut,left\n12,3'))).toMatch(
      /not a picture that can be opened: choose a JPEG, PNG or WebP/,
    );
    expect(said(new ArrayBuffer(3))).toMatch(/empty or cut off/);
    expect(said(bytes(0, 0, 0, 24, 'ftypheic'))).toMatch(/save it as JPEG/);
  });

  it('is refused where it has 100 megapixels', () => {
    // 10,000 × 10,000: 0x2710 each.
    const png = bytes(0x89, 'PNG', 13, 10, 26, 10, 0, 0, 0, 13, 'IHDR', 0, 0, 0x27, 0x10, 0, 0, 0x27, 0x10);
    expect(said(png)).toMatch(/100 megapixels, more than the 64 megapixels/);
  });

  it('is refused where the file is larger than 40 MB', () => {
    expect(said(new ArrayBuffer(40_000_001))).toMatch(/larger than 40 MB/);
  });
});

/** A JPEG that says nothing but its focal length: 26 mm of film. */
function telling(isLittle: boolean): Uint8Array {
  const short = (v: number) => (isLittle ? [v & 255, v >> 8] : [v >> 8, v & 255]);
  const long = (v: number) => (isLittle ? [...short(v), 0, 0] : [0, 0, ...short(v)]);
  const entry = (tag: number, type: number, value: number[]) => [
    ...short(tag),
    ...short(type),
    ...long(1),
    ...value,
  ];
  const tiff = [
    ...(isLittle ? [0x49, 0x49] : [0x4d, 0x4d]),
    ...short(42),
    ...long(8),
    ...short(1),
    ...entry(0x8769, 4, long(26)),
    ...long(0),
    ...short(1),
    ...entry(0xa405, 3, [...short(26), 0, 0]),
    ...long(0),
  ];
  const body = [...'Exif'].map((c) => c.charCodeAt(0)).concat([0, 0], tiff);
  return new Uint8Array([0xff, 0xd8, 0xff, 0xe1, 0, body.length + 2, ...body, 0xff, 0xda, 0, 2]);
}

describe('what a picture says of its lens', () => {
  it('is read in both orders of bytes', () => {
    expect(focal35Of(telling(true).buffer as ArrayBuffer)).toBe(26);
    expect(focal35Of(telling(false).buffer as ArrayBuffer)).toBe(26);
  });

  it('is nothing where it says nothing, however the file is cut off or spoilt', () => {
    const whole = telling(true);
    expect(focal35Of(new ArrayBuffer(0))).toBeUndefined();
    for (let n = 0; n < whole.length; n++) {
      expect([undefined, 26]).toContain(focal35Of(whole.slice(0, n).buffer as ArrayBuffer));
      const spoilt = whole.slice();
      spoilt[n] = 0xff;
      expect(() => focal35Of(spoilt.buffer as ArrayBuffer)).not.toThrow();
    }
  });
});
