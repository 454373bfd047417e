/** CRC-32 of bytes as in ZIP and PNG (ISO 3309), eight hexadecimal digits. */
export function crc32(bytes: Uint8Array): string {
  let crc = ~0;
  for (const byte of bytes) crc = TABLE[(crc ^ byte) & 255]! ^ (crc >>> 8);
  return (~crc >>> 0).toString(16).padStart(8, '0');
}

const TABLE = Int32Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c;
});
