import { useMemo } from 'react';
import { readDesign } from '../../core/formats/design.ts';
import { readRing } from '../../core/formats/ring.ts';
import type { Catalogue, Pattern } from '../../core/orders/make.ts';
import { useWorkshop } from './knowledge.tsx';
import { useDesigns, useRings } from './services.tsx';

export interface Offer {
  readonly id: string;
  readonly name: string;
  readonly pattern: Pattern;
}

interface Offered {
  readonly offers: readonly Offer[];
  readonly catalogue: Catalogue;
  /** False while designs and rings are being read: what is not found then may yet be there. */
  readonly isReady: boolean;
}

/** Everything that can be ordered: designs, then rings, by name; with the catalogue that the core looks them up in. */
export function useCatalogue(): Offered {
  const { know } = useWorkshop();
  const { data: designs, isLoading: isReading } = useDesigns();
  const { data: rings, isLoading: areRingsReading } = useRings();
  const isReady = !isReading && !areRingsReading;
  return useMemo(() => {
    const bands = (designs ?? []).flatMap((r): Offer[] => {
      const read = readDesign(r.design);
      return read.ok ? [{ id: r.id, name: r.name, pattern: { kind: 'design', design: read.value } }] : [];
    });
    const ringed = (rings ?? []).flatMap((r): Offer[] => {
      const read = readRing(r.ring);
      return read.ok ? [{ id: r.id, name: r.name, pattern: { kind: 'ring', ring: read.value } }] : [];
    });
    const byName = (a: Offer, b: Offer) => a.name.localeCompare(b.name);
    const offers = [...bands.toSorted(byName), ...ringed.toSorted(byName)];
    const byId = new Map(offers.map((o) => [o.id, o.pattern]));
    return { offers, catalogue: { find: (id: string) => byId.get(id), know }, isReady };
  }, [designs, rings, know, isReady]);
}
