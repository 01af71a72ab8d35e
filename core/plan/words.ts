/** Longest texts that are taken, in characters. */
export const LONGEST_HEADING = 200;
export const LONGEST_NAME = 120;
export const LONGEST_SENTENCE = 600;
