const YES = 'yes';
const NO = 'no';

/** As it stands in an address. */
export const sayYesNo = (is: boolean): string => (is ? YES : NO);

export const readYesNo = (said: string): boolean | null => (said === YES ? true : said === NO ? false : null);
