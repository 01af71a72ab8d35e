/** Cookies of a shopper: whether the script may remember, what was looked at, is in the basket, is kept for later. */
export const CONSENT = 'remember';
export const LOOKED = 'looked';
export const BASKET = 'basket';
export const SAVED = 'saved';
/** Only the server reads what names the orders. */
export const ORDERS = 'orders';
