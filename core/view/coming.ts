import type { ItemsAnswer } from './view.ts';

/** Stands for an answer that is not there yet. */
export const COMING: ItemsAnswer = { total: 0, own: 0, start: 0, items: [], coming: true };
