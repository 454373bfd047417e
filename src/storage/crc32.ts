import crc32Of from 'crc/calculators/crc32';

/** CRC-32 of bytes as in ZIP and PNG (ISO 3309), eight hexadecimal digits. */
export const crc32 = (bytes: Uint8Array): string => (crc32Of(bytes) >>> 0).toString(16).padStart(8, '0');
