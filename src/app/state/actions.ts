import type { Ease } from '../../core/fit/schools.ts';
import type { Design } from '../../core/formats/design.ts';

/** Everything that can be done to a design from the Bench. */
export type DesignAction =
  | { readonly type: 'rename'; readonly name: string }
  | { readonly type: 'wearer'; readonly name: string }
  | { readonly type: 'girth'; readonly mm: number }
  | { readonly type: 'ease'; readonly ease: Ease }
  | { readonly type: 'pattern'; readonly id: string; readonly setup: SetupChoice }
  | { readonly type: 'cord'; readonly id: string }
  | { readonly type: 'setup'; readonly setup: SetupChoice }
  | { readonly type: 'colour'; readonly index: number; readonly id: string }
  | { readonly type: 'swap-colours' }
  | { readonly type: 'buckle-size'; readonly mm: number }
  | { readonly type: 'buckle-length'; readonly mm: number | undefined }
  | { readonly type: 'margin'; readonly margin: NonNullable<Design['margin']> }
  | { readonly type: 'tail'; readonly mm: number }
  | { readonly type: 'round'; readonly mm: number }
  | { readonly type: 'wet'; readonly wet: NonNullable<Design['wet']> };

/** A set-up, and how many colours of cord it takes for the weave in hand. */
export interface SetupChoice {
  readonly style: Design['setup']['style'];
  readonly cords: number;
}

/** Pure: the design after an action. */
export function reduceDesign(design: Design, action: DesignAction): Design {
  switch (action.type) {
    case 'rename':
      return { ...design, name: action.name };
    case 'wearer':
      return { ...design, wearer: { ...design.wearer, name: action.name } };
    case 'girth':
      return { ...design, wearer: { ...design.wearer, girthMm: action.mm } };
    case 'ease':
      return { ...design, ease: action.ease };
    case 'pattern':
      return withSetup({ ...design, pattern: { ...design.pattern, id: action.id } }, action.setup);
    case 'cord':
      return { ...design, cord: action.id };
    case 'setup':
      return withSetup(design, action.setup);
    case 'colour':
      return {
        ...design,
        cords: design.cords.map((c, i) => (i === action.index ? { ...c, colour: action.id } : c)),
      };
    case 'swap-colours':
      return { ...design, cords: design.cords.toReversed() };
    case 'buckle-size':
      return { ...design, closure: { kind: design.closure.kind, sizeMm: action.mm } };
    case 'buckle-length': {
      const { lengthMm: _typed, ...closure } = design.closure;
      return { ...design, closure: action.mm === undefined ? closure : { ...closure, lengthMm: action.mm } };
    }
    case 'margin':
      return { ...design, margin: action.margin };
    case 'tail':
      return { ...design, tailMm: action.mm };
    case 'round':
      return { ...design, roundToMm: action.mm };
    case 'wet':
      return { ...design, wet: action.wet };
  }
}

/** Keeps the colours that are there; a second cord starts as Graphite, or Dusk beside Graphite. */
function withSetup(design: Design, { style, cords }: SetupChoice): Design {
  const first = design.cords[0]?.colour ?? 'dusk';
  const second = design.cords[1]?.colour ?? (first === 'graphite' ? 'dusk' : 'graphite');
  return {
    ...design,
    setup: { style },
    cords: [first, second].slice(0, cords).map((colour) => ({ colour })),
  };
}
