import { CONSENT, LOOKED } from './cookieNames.ts';

/**
 * Told on the page before anything is painted: how many products this shopper looked at, so that room is kept for
 * the bays that show them. It stands in the page itself, since a file of its own would hold up the first paint.
 */
export const KEEP_ROOM =
  "(function(){var c=function(n){return(document.cookie.match('(?:^|; )'+n+'=([^;]*)')||[])[1]||''},e=document.documentElement," +
  `n=c('${CONSENT}')==='yes'?c('${LOOKED}').split('.').filter(Boolean).length:0;` +
  "if(n){e.setAttribute('data-looked','');e.style.setProperty('--looked',n)}})()";
