/** What was closed on this device, by its key. */
export const CLOSED = 'closed';
/** Most of them that are kept in mind. */
export const MOST_CLOSED = 40;

/**
 * Told on the page before anything is painted: which notices this shopper closed, so that they never come in. It stands
 * in the page itself, since a file of its own would hold up the first paint.
 */
export const KEEP_CLOSED =
  `(function(){try{var c=localStorage.getItem('${CLOSED}');` +
  `if(c)document.documentElement.setAttribute('data-closed',c)}catch(e){}})()`;
