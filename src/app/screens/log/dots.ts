/** A series of a chart that is shown by its points alone. */
export const DOTS = {
  stroke: '#1b211f',
  strokeWidth: 0,
  dot: { r: 4, fill: '#1b211f' },
  isAnimationActive: false,
} as const;

/** More dots than these run into each other, and take long to draw: the last ones are shown. */
export const MOST_DOTS = 240;
