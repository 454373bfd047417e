import { createContext, useContext } from 'react';
import useSWR, { type SWRConfiguration } from 'swr';
import type { Database, DesignRecord, MakeRecord, PieceRecord, RingRecord } from '../../storage/db.ts';
import { listDesigns } from '../../storage/designs.ts';
import { listMakes, listPieces } from '../../storage/pieces.ts';
import { listRings } from '../../storage/ringList.ts';

/** The store that the whole application works on; swappable in tests. */
export const DatabaseContext = createContext<Database | undefined>(undefined);

export function useDatabase(): Database {
  const db = useContext(DatabaseContext);
  if (!db) throw new Error('useDatabase outside the application');
  return db;
}

const DESIGNS_KEY = 'designs';

const LOCAL: SWRConfiguration = { revalidateOnFocus: true, dedupingInterval: 0 };

export function useDesigns() {
  const db = useDatabase();
  return useSWR<DesignRecord[]>(DESIGNS_KEY, () => listDesigns(db), LOCAL);
}

export const RINGS_KEY = 'rings';
export const STASH_KEY = 'stash';
export const ORDERS_KEY = 'orders';
export const CLASSES_KEY = 'classes';

export function useRings() {
  const db = useDatabase();
  return useSWR<RingRecord[]>(RINGS_KEY, () => listRings(db), LOCAL);
}

export const PIECES_KEY = 'pieces';
export const MAKES_KEY = 'makes';

/** What is on the table; read again wherever it is shown, since every step changes it. */
export function usePieces() {
  const db = useDatabase();
  return useSWR<PieceRecord[]>(PIECES_KEY, () => listPieces(db), LOCAL);
}

export function useMakes() {
  const db = useDatabase();
  return useSWR<MakeRecord[]>(MAKES_KEY, () => listMakes(db), LOCAL);
}
