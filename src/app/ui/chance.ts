/** A chance as people say it: `98 %`, `99.9 %`, never 0 or 100. */
export function chanceText(chance: number): string {
  if (chance > 0.999) return 'better than 99.9 %';
  if (chance < 0.005) return 'less than 1 %';
  return chance > 0.99 ? `${(Math.floor(chance * 1000) / 10).toFixed(1)} %` : `${Math.round(chance * 100)} %`;
}
