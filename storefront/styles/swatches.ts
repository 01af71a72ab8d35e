import { SWATCH_PX } from '../../core/swatch/swatchPx.ts';

const { least, gap, beside, padding, border } = SWATCH_PX;

/** Struck through from corner to corner, for what cannot be had. */
const STRUCK =
  'linear-gradient(to top right,transparent calc(50% - 1px),var(--ground) calc(50% - 1px),var(--text) calc(50% - .5px),var(--text) calc(50% + .5px),var(--ground) calc(50% + 1px),transparent calc(50% + 1px))';

export const swatchesCss =
  '.swatch{width:var(--swatch,24px);height:var(--swatch,24px);border-radius:var(--swatch-round,50%);border:1px solid rgb(0 0 0/.28);object-fit:cover;flex:none;display:block}' +
  `.part-swatches{display:flex;flex-wrap:wrap;gap:${gap}px;list-style:none;padding:0;font-size:13px;line-height:18px}` +
  `.part-swatches li{display:flex;max-width:100%}` +
  `.part-swatches a{position:relative;display:flex;align-items:center;justify-content:center;gap:${beside}px;min-width:${least}px;min-height:${least}px;text-decoration:none;color:inherit;overflow-wrap:anywhere;border-radius:3px}` +
  `.part-swatches .worded{padding-inline:${padding}px;border:${border}px solid var(--line)}.part-swatches .worded:hover{border-color:var(--text)}` +
  '.part-swatches .off.worded{text-decoration:line-through;color:var(--quiet)}' +
  `.off>.swatch{opacity:.55}.part-swatches .off:not(.worded)::after{content:"";position:absolute;inset-inline-start:0;inset-block:calc(50% - var(--swatch,24px)/2);width:var(--swatch,24px);border-radius:var(--swatch-round,50%);background:${STRUCK}}` +
  '.part-swatches [aria-current]>.swatch{outline:2px solid var(--text);outline-offset:1px}.part-swatches .worded[aria-current]{border-color:var(--text);box-shadow:inset 0 0 0 1px var(--text)}' +
  '.names-hover a:not(.worded)>span{position:absolute;z-index:3;inset-block-end:calc(100% + 4px);inset-inline-start:50%;translate:-50% 0;width:max-content;max-width:160px;padding:2px 7px;border-radius:3px;background:var(--text);color:var(--ground);pointer-events:none;visibility:hidden}:dir(rtl)>li>a:not(.worded)>span{translate:50% 0}.names-hover>:first-child a:not(.worded)>span{inset-inline-start:0;translate:none}' +
  '.names-hover a:is(:hover,:focus-visible)>span{visibility:visible}';
