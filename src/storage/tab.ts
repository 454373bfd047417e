/** Tells what this tab wrote from what others did; forgotten with the tab. Not an id of anything that is kept. */
export const TAB = `${Date.now().toString(36)}-${Math.random().toString(36).slice(2)}`;
