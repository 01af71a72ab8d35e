/** Rules of pages with a jump button. */
export const jumpCss = '.jump .button{margin-top:0}';
