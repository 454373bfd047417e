import type { CordColour } from '../../core/colour/palette.ts';
import { findProduct } from '../../core/fit/products.ts';
import type { Ease } from '../../core/fit/schools.ts';
import type { Design } from '../../core/formats/design.ts';

/** Everything that can be done to a design from the Bench. */
export type DesignAction =
  | { readonly type: 'rename'; readonly name: string }
  | { readonly type: 'wearer'; readonly name: string }
  /** Without a spread it was measured by tape. */
  | { readonly type: 'girth'; readonly mm: number; readonly sdMm?: number }
  /** So many steps up or down from where it is, within what the body may measure. */
  | { readonly type: 'girth-steps'; readonly steps: number; readonly stepMm: number }
  | { readonly type: 'ease'; readonly ease: Ease }
  | { readonly type: 'cord'; readonly id: string }
  | { readonly type: 'measure'; readonly id: string; readonly mm: number | undefined }
  | { readonly type: 'hold'; readonly hold: NonNullable<Design['setup']['hold']> }
  | { readonly type: 'closure'; readonly options: Partial<Design['closure']> }
  | { readonly type: 'add-cord'; readonly id: string }
  | { readonly type: 'remove-cord'; readonly index: number }
  | { readonly type: 'look'; readonly look: CordColour }
  | { readonly type: 'looks'; readonly looks: readonly CordColour[] }
  | { readonly type: 'strands'; readonly strands: Readonly<Record<string, number>> | undefined }
  | { readonly type: 'spacing'; readonly spacing: number }
  | { readonly type: 'face'; readonly face: 'front' | 'back' }
  | { readonly type: 'sequence'; readonly sequence: Design['sequence'] | undefined }
  | { readonly type: 'addons'; readonly addons: NonNullable<Design['addons']> }
  /** Several parts at once, as the core worked them out: another product, weave, set-up or closure, or a check's remedy. */
  | { readonly type: 'become'; readonly design: Design }
  | { readonly type: 'colour'; readonly index: number; readonly id: string }
  | { readonly type: 'thickness'; readonly index: number; readonly id: string }
  | { readonly type: 'swap-colours' }
  | { readonly type: 'chance'; readonly chance: number }
  | { readonly type: 'hands'; readonly hands: NonNullable<Design['hands']> }
  | { readonly type: 'tail'; readonly mm: number }
  | { readonly type: 'round'; readonly mm: number }
  | { readonly type: 'wet'; readonly wet: NonNullable<Design['wet']> };

/** Pure: the design after an action. */
export function reduceDesign(design: Design, action: DesignAction): Design {
  switch (action.type) {
    case 'rename':
      return { ...design, name: action.name };
    case 'wearer':
      return { ...design, wearer: { ...design.wearer, name: action.name } };
    case 'girth':
      return withGirth(design, action.mm, action.sdMm);
    case 'girth-steps':
      return withGirth(design, stepValue(design, action), design.wearer.girthSdMm);
    case 'ease':
      return { ...design, ease: action.ease };
    case 'cord':
      return { ...design, cord: action.id };
    case 'measure':
      return { ...design, measures: withOption(design.measures ?? {}, action.id, action.mm) };
    case 'hold':
      return { ...design, setup: { ...design.setup, hold: action.hold } };
    case 'closure':
      return { ...design, closure: withOptions(design.closure, action.options) };
    case 'become':
      // The name is the maker's, whatever else changes.
      return { ...action.design, name: design.name };
    case 'colour':
      return {
        ...design,
        cords: design.cords.map((c, i) => (i === action.index ? { ...c, colour: action.id } : c)),
      };
    case 'thickness':
      return {
        ...design,
        cords: design.cords.map((c, i) => {
          const { cord: _before, ...rest } = c;
          return i !== action.index ? c : action.id === design.cord ? rest : { ...rest, cord: action.id };
        }),
      };
    case 'add-cord':
      return { ...design, cords: [...design.cords, { colour: action.id }] };
    case 'remove-cord':
      return { ...design, cords: design.cords.filter((_, i) => i !== action.index) };
    case 'look':
      return { ...design, looks: withLook(design.looks ?? [], action.look) };
    case 'looks':
      return { ...design, looks: action.looks.map((l) => ({ ...l, accents: [...l.accents] })) };
    case 'strands':
      return { ...design, setup: withOption(design.setup, 'strands', action.strands) };
    case 'spacing':
      return { ...design, setup: withOption(design.setup, 'spacing', action.spacing || undefined) };
    case 'face':
      return { ...design, face: action.face };
    case 'sequence':
      return withOption(design, 'sequence', action.sequence);
    case 'addons':
      return withOption(design, 'addons', action.addons.length > 0 ? action.addons : undefined);
    case 'swap-colours':
      return { ...design, cords: design.cords.toReversed() };
    case 'chance': {
      const { margin: _older, ...rest } = design;
      return { ...rest, chance: action.chance };
    }
    case 'hands':
      return { ...design, hands: action.hands };
    case 'tail':
      return { ...design, tailMm: action.mm };
    case 'round':
      return { ...design, roundToMm: action.mm };
    case 'wet':
      return { ...design, wet: action.wet };
  }
}

/** A cord's look, in place of the one with its id. */
const withLook = (looks: NonNullable<Design['looks']>, look: CordColour): NonNullable<Design['looks']> => [
  ...looks.filter((l) => l.id !== look.id),
  { ...look, accents: [...look.accents] },
];

/** One entry set, or taken out when nothing is given. */
function withOption<T extends object>(all: T, key: string, value: unknown): T {
  const { [key as keyof T]: _old, ...rest } = all;
  return (value === undefined ? rest : { ...rest, [key]: value }) as T;
}

/** Options set, or taken out where nothing is given. Another size forgets a length that was measured on the old one. */
function withOptions(closure: Design['closure'], options: Partial<Design['closure']>): Design['closure'] {
  const forgets = options.sizeMm !== undefined && options.sizeMm !== closure.sizeMm;
  const start = forgets ? withOption(closure, 'lengthMm', undefined) : closure;
  return Object.entries(options).reduce((all, [key, value]) => withOption(all, key, value), start);
}

function withGirth(design: Design, girthMm: number, sdMm: number | undefined): Design {
  const { girthSdMm: _before, ...wearer } = design.wearer;
  return { ...design, wearer: { ...wearer, girthMm, ...(sdMm === undefined ? {} : { girthSdMm: sdMm }) } };
}

function stepValue(
  design: Design,
  { steps, stepMm }: { readonly steps: number; readonly stepMm: number },
): number {
  const mm = Math.round(design.wearer.girthMm / stepMm + steps) * stepMm;
  const girth = findProduct(design.product)?.girth;
  return girth ? Math.min(girth.mostMm, Math.max(girth.leastMm, mm)) : mm;
}
