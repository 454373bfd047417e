import type { Role } from '../../../core/weave/types.ts';

/** What strands are called in tables. */
export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  core: 'core',
  work: 'working end',
  spine: 'spine',
};
