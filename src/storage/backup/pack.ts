import { strFromU8, strToU8, unzipSync } from 'fflate';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type BackupManifest,
  parseManifest,
} from '../../core/formats/backup.ts';
import { fail, ok, type Result } from '../../core/result.ts';
import { crc32 } from '../crc32.ts';
import type { Contents } from './contents.ts';
import { type Kept, KINDS, type RecordKind } from './kinds.ts';

/** A backup larger than this, packed or unpacked, is refused before it fills the memory. */
const MOST_PACKED = 60_000_000;
const MOST_BYTES = 300_000_000;
const MANIFEST = 'manifest.json';

export interface Backup {
  readonly madeAt: number;
  readonly contents: Contents;
}

/** The files of a backup, not yet packed: one JSON file of records for each kind, and a list of them with checksums. */
export function backupFiles(contents: Contents, madeAt: number): Readonly<Record<string, Uint8Array>> {
  const files: Record<string, Uint8Array> = {};
  const listed: BackupManifest['files'] = [];
  for (const { id } of KINDS) {
    const kept = contents.get(id) ?? [];
    if (kept.length === 0) continue;
    const name = `${id}.json`;
    const bytes = strToU8(`${JSON.stringify(kept, null, 1)}\n`);
    files[name] = bytes;
    listed.push({ name, records: kept.length, bytes: bytes.length, crc32: crc32(bytes) });
  }
  const manifest: BackupManifest = { format: BACKUP_FORMAT, version: BACKUP_VERSION, madeAt, files: listed };
  files[MANIFEST] = strToU8(`${JSON.stringify(manifest, null, 2)}\n`);
  return files;
}

/** Reads a backup whole: everything that its list names is there and undamaged, or it is refused in words. */
export function openBackup(packed: Uint8Array): Result<Backup> {
  const no = (message: string) => fail({ code: 'backup', path: '', message });
  if (packed.length > MOST_PACKED) return no('This file is larger than any backup of Warp Beam.');
  let files: Record<string, Uint8Array>;
  try {
    let total = 0;
    files = unzipSync(packed, {
      filter: ({ originalSize }) => {
        total += originalSize;
        if (total > MOST_BYTES) throw new Error('large');
        return true;
      },
    });
  } catch {
    return no('This is no ZIP file, or it is damaged: choose the backup as it was saved.');
  }
  const list = files[MANIFEST];
  if (!list) return no('This ZIP file is no backup of Warp Beam: its list of contents is missing.');
  const manifest = parseManifest(strFromU8(list));
  if (!manifest.ok) return manifest;
  const contents = new Map<RecordKind['id'], readonly Kept[]>();
  for (const { name, bytes, crc32: sum, records } of manifest.value.files) {
    const file = files[name];
    if (!file) return no(`The backup is not whole: ${name} is missing.`);
    if (file.length !== bytes || crc32(file) !== sum)
      return no(`The backup is damaged: ${name} is not as it was saved.`);
    const kind = KINDS.find((r) => `${r.id}.json` === name);
    if (!kind) continue;
    const kept = readKept(file);
    if (kept?.length !== records)
      return no(`The backup is damaged: ${name} does not hold what its list says.`);
    contents.set(kind.id, kept);
  }
  return ok({ madeAt: manifest.value.madeAt, contents });
}

function readKept(file: Uint8Array): Kept[] | undefined {
  try {
    const list: unknown = JSON.parse(strFromU8(file));
    const isKept = (k: unknown): k is Kept =>
      typeof k === 'object' && k !== null && typeof (k as Kept).key === 'string' && 'value' in k;
    return Array.isArray(list) && list.every(isKept) ? list : undefined;
  } catch {
    return undefined;
  }
}
