/** Cookies of a shopper: whether the script may remember, what was looked at, and what is in the basket. */
export const CONSENT = 'remember';
export const LOOKED = 'looked';
export const BASKET = 'basket';
