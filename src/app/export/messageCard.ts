import { CARD } from '../../core/drawing/messageCard.ts';

const FACES = [
  'Bricolage Grotesque Variable',
  'Atkinson Hyperlegible Next Variable',
  'Atkinson Hyperlegible Mono Variable',
];

const base64 = (bytes: Uint8Array): string => {
  let text = '';
  for (const b of bytes) text += String.fromCharCode(b);
  return btoa(text);
};

/** The page's own letters as they would be needed by a picture on its own: the Latin part of each face, in the file. */
export async function fontCss(): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) =>
    [...sheet.cssRules].filter((rule): rule is CSSFontFaceRule => rule instanceof CSSFontFaceRule),
  );
  const found = await Promise.all(
    FACES.map(async (face) => {
      const rule = rules.find(
        (r) =>
          r.style.getPropertyValue('font-family').replaceAll(/["']/g, '') === face &&
          /U\+0+-|U\+\?\?|U\+0000/i.test(r.style.getPropertyValue('unicode-range')),
      );
      const url = rule && /url\("?([^")]+)"?\)/.exec(rule.style.getPropertyValue('src'))?.[1];
      if (!url) return '';
      const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
      return `@font-face{font-family:"${face}";font-weight:200 800;src:url(data:font/woff2;base64,${base64(bytes)}) format("woff2")}`;
    }),
  );
  return found.join('');
}

/** An SVG picture as PNG, as large as it is. Throws where the browser can't draw it. */
export async function pngOf(svg: string): Promise<Uint8Array> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [CARD.width, CARD.height];
    canvas.getContext('2d')!.drawImage(image, 0, 0, CARD.width, CARD.height);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
    if (!blob) throw new Error('The browser could not draw it.');
    return new Uint8Array(await blob.arrayBuffer());
  } finally {
    URL.revokeObjectURL(url);
  }
}
