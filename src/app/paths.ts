/** Addresses of places inside the application; ids may hold any character. */
/** Where a design arrives that came as a link. */
export const OPEN_PATH = '/open';
export const BACKUP_PATH = '/backup';
export const designPath = (id: string): string => `/d/${encodeURIComponent(id)}`;
export const weavePath = (id: string): string => `/weaves/${encodeURIComponent(id)}`;
export const piecePath = (id: string): string => `/tie/${encodeURIComponent(id)}`;
export const ringPath = (id: string): string => `/rings/${encodeURIComponent(id)}`;
