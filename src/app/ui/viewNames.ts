/** What the sides are called from which a band is looked at. */
export const VIEW_NAMES = {
  front: 'front',
  back: 'back',
  edge: 'edge',
  left: 'left edge',
  right: 'right edge',
  closed: 'closed',
} as const;
