import { type Repair, repair } from '../repair.ts';
import type { Result } from '../result.ts';
import type { Design } from './design.gen.ts';
import validate from './design.validate.gen.js';
import { type DocumentKind, openEnvelope, parseDocument, readDocument } from './envelope.ts';

export type { Design } from './design.gen.ts';

export const DESIGN_FORMAT = 'warp-beam/design';
export const DESIGN_VERSION = 2;
/** A design is a page of text; anything larger is not one. */
export const MAX_DESIGN_CHARS = 200_000;

const KIND: DocumentKind = {
  format: DESIGN_FORMAT,
  version: DESIGN_VERSION,
  name: 'a Warp Beam design',
  maxChars: MAX_DESIGN_CHARS,
  // Version 2 only knows more; what version 1 said stays true.
  steps: { 1: (data) => ({ ...data, version: 2 }) },
  validate,
};

/** Reads a design document from text. */
export const parseDesign = (text: string): Result<Design> => parseDocument(text, KIND);

/** Checks data that claims to be a design, stored or imported. */
export const readDesign = (data: unknown): Result<Design> => readDocument(data, KIND);

/** A design that is too long somewhere, cut to its limits; nothing where more than that is wrong. */
export function repairDesign(data: unknown): Repair | undefined {
  const current = openEnvelope(data, KIND);
  return current.ok ? repair(current.value, validate) : undefined;
}

/** The document as a file: stable order, two spaces, a newline at the end. */
export const formatDesign = (design: Design): string => `${JSON.stringify(design, null, 2)}\n`;
