/** Rules of pages with a jump button; without script the browser moves as it does by itself. */
export const jumpCss = `
.jump .button{margin-top:0}
@media (prefers-reduced-motion:no-preference){html{scroll-behavior:smooth}}
`.replaceAll('\n', '');
