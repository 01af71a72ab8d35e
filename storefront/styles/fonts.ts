/** The storefront's typeface, shipped with it; the server serves this address from the font's package. */
export const fontFile = '/assets/literata-latin-wght-normal.woff2';

/**
 * The @font-face rules. A public page shows the typeface only if it is there at once ("optional"), so that
 * nothing moves later; a studio frame waits for it.
 */
export function fontCss(display: 'optional' | 'swap'): string {
  return (
    `@font-face{font-family:Literata;font-style:normal;font-weight:200 900;font-display:${display};src:url(${fontFile}) format("woff2")}` +
    // The metrics of Literata on a face that is everywhere, so that lines are as high before it is there.
    `@font-face{font-family:"Literata fallback";src:local("Georgia"),local("DejaVu Serif");ascent-override:118%;descent-override:30%;line-gap-override:0%;size-adjust:98%}`
  );
}
