import type { Result } from '../result.ts';
import type { BackupManifest } from './backup.gen.ts';
import validate from './backup.validate.gen.js';
import { type DocumentKind, parseDocument } from './envelope.ts';

export type { BackupManifest } from './backup.gen.ts';

export const BACKUP_FORMAT = 'warp-beam/backup';
export const BACKUP_VERSION = 1;

const KIND: DocumentKind = {
  format: BACKUP_FORMAT,
  version: BACKUP_VERSION,
  name: 'a Warp Beam backup',
  maxChars: 100_000,
  validate,
};

/** Reads a backup's list of contents. */
export const parseManifest = (text: string): Result<BackupManifest> => parseDocument(text, KIND);
