import { useNavigate } from 'react-router';
import { parseRing, RING_FORMAT, RING_VERSION, type RingDesign, readRing } from '../../core/formats/ring.ts';
import type { Issue, Result } from '../../core/result.ts';
import { findRingProduct } from '../../core/rings/products.ts';
import type { RingRecord } from '../../storage/db.ts';
import { newId } from '../../storage/ids.ts';
import { restoreRings } from '../../storage/ringList.ts';
import { saveRing } from '../../storage/rings.ts';
import { readText } from '../export/readText.ts';
import { ringPath } from '../paths.ts';
import { useToast } from '../ui/Toast.tsx';
import { demoRings } from './demoRings.ts';
import { freeName } from './library.ts';
import { useDatabase, useRings } from './services.tsx';
import { useRemoval } from './undoable.ts';

const MAX_FILE_BYTES = 200_000;

/** What a new ring starts from: a usual hand, three leads, one cord. */
export function newRing(name: string, patch: Partial<RingDesign> = {}): RingDesign {
  const product = findRingProduct(patch.product ?? 'ring-bracelet')!;
  return {
    format: RING_FORMAT,
    version: RING_VERSION,
    name,
    product: product.id,
    wearer: '',
    girth: {
      by: product.girth,
      mm: product.usualMm,
      ...(product.girth === 'body' ? { easeMm: product.easeMm } : {}),
    },
    leads: 5,
    bights: 17,
    coding: 'row1',
    first: 'O',
    cord: 'nylon-4',
    cords: [{ colour: 'dusk' }],
    lanes: [0],
    ends: 'stitched',
    laid: 0,
    ...patch,
  };
}

/** Everything that is done to rings as a whole. Removing can be undone. */
export function useRingLibrary() {
  const db = useDatabase();
  const { data: records = [], mutate } = useRings();
  const navigate = useNavigate();
  const toast = useToast();
  const remove = useRemoval('rings', () => mutate());
  const names = records.map((r) => r.name);

  async function open(ring: RingDesign): Promise<void> {
    const id = newId();
    const outcome = await saveRing(db, id, 0, ring, Date.now());
    await mutate();
    if (outcome.kind === 'saved') return void (await navigate(ringPath(id)));
    toast({
      text: `It could not be saved: ${outcome.kind === 'failed' ? outcome.message : 'another tab was faster'}`,
      tone: 'bad',
    });
  }

  return {
    records,
    create: (patch: Partial<RingDesign> = {}) => open(newRing(freeName('New ring', '', names), patch)),
    duplicate: (record: RingRecord) => {
      const read = readRing(record.ring);
      if (read.ok) return open({ ...read.value, laid: 0, name: freeName(read.value.name, ', copy', names) });
      toast({ text: read.issues[0]!.message, tone: 'bad' });
      return Promise.resolve();
    },
    remove: (record: RingRecord) => remove(record.id, (name) => `“${name}” was deleted.`),
    loadDemo: async () => {
      await restoreRings(db, demoRings(Date.now()));
      await mutate();
    },
    importFile: async (file: File): Promise<Result<RingDesign> | { ok: false; issues: readonly Issue[] }> => {
      const text = await readText(file, MAX_FILE_BYTES, 'a ring');
      if (!text.ok) return text;
      const read = parseRing(text.value);
      if (read.ok) await open({ ...read.value, name: freeName(read.value.name, '', names) });
      return read;
    },
  };
}
