import { PER_MM, type Scene, type Shape } from './shape.ts';

/** A scene as a self-contained SVG file, true to scale: its size is in mm, its user unit 1/100 mm. */
export function sceneSvg(scene: Scene, title: string): string {
  const box = [scene.minX, scene.minY, scene.widthMm, scene.heightMm]
    .map((v) => Math.round(v * PER_MM))
    .join(' ');
  const size = `width="${scene.widthMm.toFixed(2)}mm" height="${scene.heightMm.toFixed(2)}mm"`;
  const body = scene.shapes.map(shapeSvg).join('\n');
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size} viewBox="${box}">\n<title>${escapeXml(title)}</title>\n${body}\n</svg>\n`;
}

/** One shape as an element; its user unit is 1/100 mm. */
export function shapeSvg(shape: Shape): string {
  const attributes: [string, string | number | undefined][] = [
    ['d', shape.d],
    ['fill', shape.fill ?? 'none'],
    ['stroke', shape.stroke],
    ['stroke-width', shape.width === undefined ? undefined : Number((shape.width * PER_MM).toFixed(1))],
    ['stroke-linecap', shape.cap],
    ['stroke-linejoin', shape.stroke ? 'round' : undefined],
    ['opacity', shape.opacity],
    ['transform', shape.shift && `translate(${shape.shift.map((v) => Math.round(v * PER_MM)).join(' ')})`],
    ['fill-rule', shape.rule],
    ['data-strand', shape.strand],
  ];
  return `<path ${attributes.flatMap(([k, v]) => (v === undefined ? [] : [`${k}="${escapeXml(String(v))}"`])).join(' ')}/>`;
}

export const escapeXml = (text: string): string =>
  text
    // XML 1.0 has no place for these, not even escaped.
    .replace(/[^\P{Cc}\t\n\r]|\p{Cs}|[\ufffe\uffff]/gu, '')
    .replace(
      /[&<>"']/g,
      (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c]!,
    );
