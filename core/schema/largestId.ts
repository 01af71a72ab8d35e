/** The largest number that a row of the database is known by. */
export const LARGEST_ID = 2 ** 31 - 1;
