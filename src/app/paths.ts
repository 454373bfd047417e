/** Addresses of places inside the application; ids may hold any character. */
/** Where a design arrives that came as a link. */
export const OPEN_PATH = '/open';
/** Of the start's address: open with the stall's demo. */
export const STALL = 'stall';
/** Of the stash's address: cord that is typed, to see what can be made of it. */
export const HAVE = 'have';
/** The three ways in, also for those who have designs already. */
export const START_PATH = '/start';
/** What is kept in this browser, and whether all is well. */
export const ABOUT_PATH = '/this-browser';
/** The words of the craft, with pictures. */
export const WORDS_PATH = '/words';
export const BACKUP_PATH = '/backup';
export const designPath = (id: string): string => `/d/${encodeURIComponent(id)}`;
export const weavePath = (id: string): string => `/weaves/${encodeURIComponent(id)}`;
export const piecePath = (id: string): string => `/tie/${encodeURIComponent(id)}`;
export const ringPath = (id: string): string => `/rings/${encodeURIComponent(id)}`;

/** What can be made of cord as it is typed; of the shelf where nothing is. */
export const makePath = (have: string): string =>
  `/stash?${new URLSearchParams({ tab: 'make', ...(have.trim() ? { [HAVE]: have.trim() } : {}) })}`;
