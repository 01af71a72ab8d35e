/** Own rules of the store, or of one shelf, are at most so long, characters. */
export const LONGEST_RULES = 20_000;
