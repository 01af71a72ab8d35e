import { STAR_PX, STARS } from '../../core/card/stars.ts';

/** Outline of one star whose points touch a circle, `left` px from the start. */
function star(left: number): string {
  const [middle, outer, inner] = [STAR_PX / 2, STAR_PX / 2 - 0.5, STAR_PX * 0.19];
  const corners = Array.from({ length: 10 }, (_, i) => {
    const angle = (Math.PI * i) / 5 - Math.PI / 2;
    const reach = i % 2 === 0 ? outer : inner;
    return `${(left + middle + reach * Math.cos(angle)).toFixed(1)} ${(middle + reach * Math.sin(angle)).toFixed(1)}`;
  });
  return `M${corners.join('L')}Z`;
}

const outline = Array.from({ length: STARS }, (_, i) => star(i * STAR_PX)).join('');

/** A rating, and its stars: drawn, not written, so that they are as wide in every typeface; filled in twentieths. */
export const starsCss =
  '.part-rating{display:flex;gap:6px;align-items:center}' +
  `.stars{flex:none;width:${STARS * STAR_PX}px;height:${STAR_PX}px;clip-path:path("${outline}");background:linear-gradient(to right,var(--accent) var(--filled),var(--line) 0);forced-color-adjust:none}` +
  ':dir(rtl)>.stars{background:linear-gradient(to left,var(--accent) var(--filled),var(--line) 0)}' +
  Array.from({ length: 21 }, (_, i) => `.w${i}{--filled:${i * 5}%}`).join('');
