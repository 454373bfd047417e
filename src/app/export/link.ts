import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import type { Design } from '../../core/formats/design.ts';
import { fail, ok, type Result } from '../../core/result.ts';
import { OPEN_PATH } from '../paths.ts';

/** A link that is longer than this is cut off by some that carry messages. */
export const SAFE_CHARS = 8000;
/** More is no design: the link is refused before it is unpacked further. */
const MOST_BYTES = 1_000_000;
const MOST_CHARS = 500_000;

/**
 * An address that holds a whole design behind its “#”: deflated (RFC 1951), in the alphabet for addresses (RFC 4648, base64url). What is behind “#” is never
 * sent to a server.
 */
export function linkTo(design: Design, origin: string): string {
  const packed = deflateSync(strToU8(JSON.stringify(design)), { level: 9 });
  return `${origin}${OPEN_PATH}#${toBase64Url(packed)}`;
}

/** The text of the design behind “#”; says what is wrong with one that was cut off or changed. */
export function textOfLink(fragment: string): Result<string> {
  const code = fragment.replace(/^#/, '').trim();
  const no = (message: string) => fail({ code: 'link', path: '', message });
  if (code === '') return no('This link contains no design: it was cut off after its “#”.');
  if (code.length > MOST_CHARS) return no('This link is too long to be a design.');
  const bytes = fromBase64Url(code);
  if (!bytes) return no('This link contains characters that don’t belong: copy it again in one piece.');
  try {
    const parts: Uint8Array[] = [];
    let [size, isWhole] = [0, false];
    const inflate = new Inflate((part, isLast) => {
      size += part.length;
      if (size > MOST_BYTES) throw new Error('large');
      parts.push(part);
      isWhole ||= isLast;
    });
    inflate.push(bytes, true);
    if (!isWhole) throw new Error('cut');
    const whole = new Uint8Array(size);
    let at = 0;
    for (const part of parts) {
      whole.set(part, at);
      at += part.length;
    }
    return ok(strFromU8(whole));
  } catch {
    return no('This link is damaged or was cut off: copy it again in one piece.');
  }
}

function toBase64Url(bytes: Uint8Array): string {
  let text = '';
  for (const b of bytes) text += String.fromCharCode(b);
  return btoa(text).replaceAll('+', '-').replaceAll('/', '_').replace(/=+$/, '');
}

function fromBase64Url(code: string): Uint8Array | undefined {
  if (!/^[A-Za-z0-9_-]+$/.test(code)) return undefined;
  try {
    const text = atob(code.replaceAll('-', '+').replaceAll('_', '/'));
    return Uint8Array.from(text, (c) => c.charCodeAt(0));
  } catch {
    return undefined;
  }
}
