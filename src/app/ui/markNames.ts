const MARK_NAMES: Readonly<Record<string, string>> = {
  fold: 'fold',
  join: 'join',
  splice: 'splice',
  change: 'change',
};

/** What a mark on a cord is called: a place of its own, or what is tied there. */
export const markName = (what: string): string => MARK_NAMES[what] ?? what;
