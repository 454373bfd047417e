/** A piece of cord to cut, in whole millimetres. */
export interface Piece {
  readonly id: string;
  readonly label: string;
  readonly lengthMm: number;
  /** It may be joined of two parts: the join is hidden in the piece. */
  readonly canJoin?: boolean;
  /** Set where it is one of two parts that are joined: id of the whole piece, and which part. */
  readonly partOf?: { readonly piece: string; readonly number: 1 | 2 };
}

/** A hank, spool or offcut in hand. What may be missing of it is held back. */
export interface Bar {
  readonly id: string;
  readonly label: string;
  readonly lengthMm: number;
  readonly reserveMm: number;
  /** Standard deviation of the length; nothing where it was measured, and in plans of before it was kept. */
  readonly sdMm?: number;
  readonly isOffcut: boolean;
}

/** What can be bought, as many as wanted. */
export interface Pack {
  readonly id: string;
  readonly label: string;
  readonly lengthMm: number;
  readonly reserveMm: number;
  readonly sdMm?: number;
  readonly priceCents: number;
}

export interface CuttingProblem {
  readonly pieces: readonly Piece[];
  readonly bars: readonly Bar[];
  readonly packs: readonly Pack[];
  /** Lost at every cut, by sealing. */
  readonly kerfMm: number;
  /** A rest at least so long is kept as an offcut; a shorter one is waste. */
  readonly keepMm: number;
}

/** Pieces of one length, and bars or packs of one usable length: what tells them apart does not matter for the plan. */
export interface Item {
  readonly lengthMm: number;
  /** Length and kerf. */
  readonly weight: number;
  readonly count: number;
}

export interface Bin {
  readonly usableMm: number;
  readonly isOffcut: boolean;
  /** How many there are; any number of a pack. */
  readonly count: number;
  readonly priceCents: number;
  readonly isPack: boolean;
  /** Ids of the bars, or of the pack. */
  readonly ids: readonly string[];
}

export interface Merged {
  readonly items: readonly Item[];
  readonly bins: readonly Bin[];
  readonly kerfMm: number;
  readonly keepMm: number;
}

/** One way to cut a bin: how many of each item. */
export interface Pattern {
  readonly bin: number;
  readonly counts: readonly number[];
  readonly restMm: number;
}

/** The problem with equal things put together: longest item first, in whole millimetres. */
export function merged({ pieces, bars, packs, kerfMm, keepMm }: CuttingProblem): Merged {
  const counts = new Map<number, number>();
  for (const p of pieces) counts.set(p.lengthMm, (counts.get(p.lengthMm) ?? 0) + 1);
  const items = [...counts]
    .sort((a, b) => b[0] - a[0])
    .map(([lengthMm, count]): Item => ({ lengthMm, weight: lengthMm + kerfMm, count }));
  const owned = new Map<string, Bin>();
  for (const bar of bars) {
    const usableMm = Math.floor(bar.lengthMm - bar.reserveMm);
    if (usableMm <= 0) continue;
    const key = `${usableMm}|${bar.isOffcut}`;
    const bin = owned.get(key);
    owned.set(key, {
      usableMm,
      isOffcut: bar.isOffcut,
      count: (bin?.count ?? 0) + 1,
      priceCents: 0,
      isPack: false,
      ids: [...(bin?.ids ?? []), bar.id],
    });
  }
  const bought = packs.map(
    (p): Bin => ({
      usableMm: Math.floor(p.lengthMm - p.reserveMm),
      isOffcut: false,
      count: pieces.length,
      priceCents: p.priceCents,
      isPack: true,
      ids: [p.id],
    }),
  );
  return { items, bins: [...owned.values(), ...bought], kerfMm, keepMm };
}

/** What is left of a bin: n pieces need n cuts, the last of which may fall on its end. */
export const restOf = (bin: Bin, usedWeight: number): number => Math.max(0, bin.usableMm - usedWeight);

/** A pattern fits where its pieces do, with a kerf for every cut but one that falls on the end. */
export const fits = (bin: Bin, usedWeight: number, kerfMm: number): boolean =>
  usedWeight <= bin.usableMm + kerfMm;

/** What a pattern adds to each of the four things that are made small, one after the other. */
export const STAGES = ['cost', 'waste', 'opened', 'tidy'] as const;
export type Stage = (typeof STAGES)[number];

export function stageCost(stage: Stage, bin: Bin, restMm: number, keepMm: number): number {
  switch (stage) {
    case 'cost':
      return bin.priceCents;
    case 'waste':
      return restMm < keepMm ? restMm : 0;
    case 'opened':
      return 1;
    case 'tidy':
      return (restMm >= keepMm && restMm < 2 * keepMm ? 1 : 0) + (bin.isOffcut ? 0 : 1);
  }
}

/** What all patterns of a plan add up to in one of the four things. */
export const totalCost = (m: Merged, patterns: readonly Pattern[], stage: Stage): number =>
  patterns.reduce((total, p) => total + stageCost(stage, m.bins[p.bin]!, p.restMm, m.keepMm), 0);
