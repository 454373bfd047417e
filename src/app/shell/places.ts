/** A place of the application, and whether one is there. */
export interface Place {
  readonly to: string;
  readonly name: string;
  readonly isHere: (path: string) => boolean;
}

const under = (root: string) => (path: string) => path.startsWith(root);

/** In the order of the row at the top. */
export const PLACES: readonly Place[] = [
  { to: '/', name: 'Bench', isHere: (path) => path === '/' || path.startsWith('/d/') },
  { to: '/rings', name: 'Rings', isHere: under('/rings') },
  { to: '/tie', name: 'Tie', isHere: under('/tie') },
  { to: '/weaves', name: 'Weaves', isHere: under('/weaves') },
  { to: '/stash', name: 'Stash', isHere: under('/stash') },
  { to: '/orders', name: 'Orders', isHere: under('/orders') },
  { to: '/log', name: 'Log', isHere: under('/log') },
  { to: '/practice', name: 'Practice', isHere: under('/practice') },
];
