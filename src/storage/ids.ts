/** A new random id. `randomUUID` is missing where the page was fetched over plain http from another machine. */
export function newId(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID();
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  // Version 4, variant 1 (RFC 9562, section 5.4).
  bytes[6] = (bytes[6]! & 0x0f) | 0x40;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
  return [0, 8, 12, 16, 20, 32]
    .slice(0, -1)
    .map((from, i) => hex.slice(from, [8, 12, 16, 20, 32][i]))
    .join('-');
}
