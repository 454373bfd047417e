import { readRing } from '../../core/formats/ring.ts';
import type { RingRecord } from '../../storage/db.ts';

const RING_FILES = import.meta.glob<unknown>('../../../examples/rings/*.json', {
  eager: true,
  import: 'default',
});

/** The stall's rings. */
export function demoRings(now: number): RingRecord[] {
  return Object.entries(RING_FILES).flatMap(([path, data], i) => {
    const ring = readRing(data);
    const file = path.split('/').at(-1)!.replace('.json', '');
    return ring.ok
      ? [
          {
            id: `demo-${file}`,
            revision: 1,
            updatedAt: now - i * 1000,
            name: ring.value.name,
            ring: ring.value,
          },
        ]
      : [];
  });
}
