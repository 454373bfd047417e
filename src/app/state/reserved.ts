import { useMemo } from 'react';
import { cordNeeds, partNeeds, reservedCord, workedLines } from '../../core/orders/needs.ts';
import type { Stash } from '../../core/stash/ledger.ts';
import type { PartKey } from '../../core/stash/parts.ts';
import { useCatalogue } from './catalogue.ts';
import { useOrders } from './orders.ts';
import { useStall } from './stall.ts';

/** What open orders have put aside: cord in mm by `cord|colour`, hardware in pieces by part. */
export interface Reserved {
  readonly cord: ReadonlyMap<string, number>;
  readonly parts: ReadonlyMap<PartKey, number>;
}

const NOTHING: Reserved = { cord: new Map(), parts: new Map() };

export function useReserved(stash: Stash | undefined): Reserved {
  const { orders } = useOrders();
  const { catalogue } = useCatalogue();
  const { figures } = useStall();
  return useMemo(() => {
    if (!stash) return NOTHING;
    const lines = workedLines(orders, catalogue, figures);
    return {
      cord: reservedCord(cordNeeds(lines, stash, figures.kerfMm)),
      parts: new Map(partNeeds(lines, stash).map((n) => [n.part, Math.min(n.needed, n.have)])),
    };
  }, [orders, catalogue, figures, stash]);
}
