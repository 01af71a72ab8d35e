/** What is known of how far the store has come. */
export const SET_UP_KEY = ['set up'] as const;
