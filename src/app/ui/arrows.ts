const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** A place moved by an arrow key, in cord diameters, y upwards; nothing for another key. */
export function movedBy(
  key: string,
  [x, y]: readonly [number, number],
  step: number,
): [number, number] | undefined {
  const arrow = ARROWS[key];
  return arrow && [Number((x + step * arrow[0]).toFixed(3)), Number((y + step * arrow[1]).toFixed(3))];
}
