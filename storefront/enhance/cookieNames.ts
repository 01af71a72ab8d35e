/** Cookies that a shopper's own script keeps: whether it may remember, and what was looked at. */
export const CONSENT = 'remember';
export const LOOKED = 'looked';
