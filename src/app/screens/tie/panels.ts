/** Sheets that lie over the step. */
export type PanelName = 'count' | 'reach' | 'slip' | 'way' | 'finish';
