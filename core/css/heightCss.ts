import { within } from './containers.ts';

/** Widths of the region that heights are reckoned for, px: what is narrower or wider goes on as at the ends. */
const NARROWEST_PX = 320;
const WIDEST_PX = 2560;
/** Between two of them a height is taken to grow evenly. */
const APART_PX = 240;

/** So much of a px is not worth a rule. */
const rounded = (value: number): number => Math.round(value * 100) / 100;

/**
 * Rules by which something is at least so high at every width of the region.
 * @param heightAt height in a region of a width, both in px; between `edges` it changes evenly or nearly so
 * @param edges widths at which it changes at once, px
 */
export function leastHeightCss(
  selector: string,
  heightAt: (regionPx: number) => number,
  edges: readonly number[],
): string {
  const inner = edges.filter((edge) => edge > NARROWEST_PX && edge < WIDEST_PX);
  const atOnce = new Set(inner);
  const known = new Map<number, number>();
  const heightOnce = (regionPx: number): number => {
    const found = known.get(regionPx) ?? heightAt(regionPx);
    known.set(regionPx, found);
    return found;
  };
  const even: number[] = [];
  for (let at = NARROWEST_PX; at < WIDEST_PX; at += APART_PX) even.push(at);
  const begins = [...new Set([...even, ...inner])].sort((a, b) => a - b);
  let css = '';
  let before = '';
  begins.forEach((begin, i) => {
    const next = begins[i + 1] ?? WIDEST_PX;
    // Where it goes on evenly, it ends as the next begins.
    const end = i + 1 < begins.length && !atOnce.has(next) ? next : next - 1;
    const first = heightOnce(begin);
    const growth = end > begin ? (heightOnce(end) - first) / (end - begin) : 0;
    const rule =
      Math.abs(growth) < 0.0005
        ? `${selector}{min-height:${rounded(first)}px}`
        : `${selector}{min-height:calc(${rounded(first - growth * begin)}px + ${rounded(growth * 100)}cqi)}`;
    if (rule !== before) css += within(i === 0 ? 0 : begin, Infinity, rule);
    before = rule;
  });
  return css;
}
