/** Rules of a page that has nothing to show. */
export const noneCss = '.main>.none{padding:24px var(--margin);max-width:60ch}';
