import { onceWhole } from '../../core/css/onceWhole.ts';
import { CAPTION_TEXT, HEAD_TEXT, SORTED_PX, TABLE_PX, UNDER_TEXT } from '../../core/table/tablePx.ts';

const { ends, across, under, between, name, bar, barGap, caption } = TABLE_PX;

/** Rules of tables; widths of columns, and which there are at a width, come from the core. */
export const tableCss = `
.sheet{display:none}.sheet>table{display:block}.sheet :is(thead,tbody){display:block}
.sheet>table>caption{display:block;text-align:start;padding-bottom:${caption}px;font-size:${CAPTION_TEXT.fontPx}px;line-height:${CAPTION_TEXT.linePx}px;font-weight:${CAPTION_TEXT.weight}}
.sheet tr{display:flex;flex-wrap:wrap;position:relative;border-color:var(--line)}.sheet>table>tbody>tr{background:var(--ground)}
${onceWhole('.sheet tr')}.col{min-width:0;display:grid;align-content:center;padding:var(--row-across) ${ends}px;text-align:start;justify-items:start;font-weight:inherit;overflow-wrap:break-word;border-color:var(--line)}.col>*{max-width:100%;min-width:0}
.sheet>table>thead{inset-block-start:var(--stuck,0px);z-index:3;background:var(--text);color:var(--ground);font-size:${HEAD_TEXT.fontPx}px;line-height:${HEAD_TEXT.linePx}px;font-weight:${HEAD_TEXT.weight}}.sheet>table>thead .col{padding-block:${across.normal}px;align-content:end;border-color:transparent}
.sort-by{text-decoration:none}.sort-by:hover{text-decoration:underline;text-underline-offset:3px}.sort-by::after{content:"";display:inline-block;width:${SORTED_PX}px;height:8px;background:currentColor;opacity:.45;clip-path:polygon(50% 0,75% 40%,25% 40%,25% 60%,75% 60%,50% 100%,25% 60%,25% 40%)}[aria-sort]>.sort-by::after{opacity:1;clip-path:polygon(50% 0,80% 100%,20% 100%)}[aria-sort=descending]>.sort-by::after{clip-path:polygon(20% 0,80% 0,50% 100%)}
.col>.part-title{display:block;overflow:visible}.goods-row:hover .part-title a{text-decoration:underline;text-underline-offset:3px}
.sheet .part-picture{width:var(--row-picture);height:var(--row-picture);margin:0;aspect-ratio:1}.sheet .part-picture .none{font-size:0}
.blank{color:var(--quiet);font-size:${UNDER_TEXT.fontPx}px;line-height:${UNDER_TEXT.linePx}px}
.under{display:none;flex-wrap:wrap;gap:0 ${between}px;margin-top:${under}px!important;font-weight:400}.under>div{display:none;flex-wrap:wrap;gap:0 ${name}px;max-width:100%}.under dt{flex:none;color:var(--quiet);font-size:${UNDER_TEXT.fontPx}px;line-height:${UNDER_TEXT.linePx}px}.under dd{min-width:0}
${onceWhole('.sheet-bar')}.sheet-bar{display:flex;flex-wrap:wrap;gap:8px;align-items:center;justify-content:flex-end;min-height:${bar}px;margin-block-end:${barGap}px}table+.sheet-bar{margin-block:${barGap}px 0}
`.replaceAll('\n', '');
