import type { Result } from '../result.ts';
import { type DocumentKind, parseDocument, readDocument } from './envelope.ts';
import type { RingDesign } from './ring.gen.ts';
import validate from './ring.validate.gen.js';

export type { RingDesign } from './ring.gen.ts';

export const RING_FORMAT = 'warp-beam/ring';
export const RING_VERSION = 1;
export const MAX_RING_CHARS = 100_000;

const KIND: DocumentKind = {
  format: RING_FORMAT,
  version: RING_VERSION,
  name: 'a Warp Beam ring',
  maxChars: MAX_RING_CHARS,
  validate,
};

/** Reads a ring document from text. */
export const parseRing = (text: string): Result<RingDesign> => parseDocument(text, KIND);

/** Checks data that claims to be a ring, stored or imported. */
export const readRing = (data: unknown): Result<RingDesign> => readDocument(data, KIND);

/** The document as a file: stable order, two spaces, a newline at the end. */
export const formatRing = (ring: RingDesign): string => `${JSON.stringify(ring, null, 2)}\n`;
