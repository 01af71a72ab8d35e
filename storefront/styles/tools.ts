import { TOOLS_PX } from '../../core/view/toolsHeight.ts';
import { onceWhole } from '../../core/css/onceWhole.ts';

const { control, between, below } = TOOLS_PX;

/** Rules of what shoppers find things in a list with. Where filters stand at each width comes from the core. */
export const toolsCss = `
.listing{display:grid;grid-template-columns:minmax(0,1fr);font-size:15px}.listing>*{min-width:0}
.tools,.tools-side{display:flex;flex-wrap:wrap;align-items:center;gap:${between}px 16px}.tools{justify-content:space-between;margin-bottom:${below}px}.tools-side:first-child{flex:1 0 auto;max-width:100%}.filters-fold{margin-inline-start:auto}.tool-count{font-size:18px;font-weight:560;line-height:${control}px}.tool-span{display:none;color:var(--quiet)}
${onceWhole('.tools')}
.tools form,.tool-sort label,.ends{display:flex;align-items:center;gap:8px}
:is(.tools,.filters,.filter-menus) :is(input,select){font:inherit;height:${control}px;min-width:0;padding:0 10px;border:1px solid var(--quiet);border-radius:3px;background:var(--ground);color:var(--text)}
:is(.tools,.filters form,.filter-menus) button{font:inherit;font-weight:560;height:${control}px;padding:0 14px;border:1px solid var(--quiet);border-radius:3px;background:var(--card);color:var(--text);cursor:pointer;white-space:nowrap}:is(.tools,.filters form,.filter-menus) button:hover{border-color:var(--text)}
.tool-sort span{color:var(--quiet)}.tool-sort select,.tool-search input{max-width:220px}
.tool-views,.tool-density{display:flex}.tool-view{min-height:${control}px;display:grid;place-items:center;padding:0 14px;border:1px solid var(--quiet);text-decoration:none}.tool-view+.tool-view{border-inline-start:0}.tool-view[aria-current]{background:var(--text);color:var(--ground);border-color:var(--text)}
.filter-menus{display:none;position:relative;flex-wrap:wrap;gap:${between}px;margin-bottom:${below}px}.filter-menu>summary{display:flex;align-items:center;gap:8px;height:${control}px;padding:0 14px;border:1px solid var(--quiet);border-radius:3px;background:var(--card);cursor:pointer;white-space:nowrap;list-style:none}.filter-menu>summary::-webkit-details-marker{display:none}.filter-menu>summary::after{content:"";width:8px;height:8px;margin-top:-4px;border:solid currentColor;border-width:0 1.6px 1.6px 0;transform:rotate(45deg)}.filter-menu[open]>summary,.filter-menu>summary:hover{border-color:var(--text)}.filter-menu-box{position:absolute;z-index:20;inset-inline-start:0;top:100%;margin-top:4px;min-width:240px;max-width:min(360px,100%);max-height:60vh;overflow-y:auto;padding:12px 16px;border:1px solid var(--line);border-radius:3px;background:var(--ground);box-shadow:0 10px 24px rgb(0 0 0/.18)}
.filters-chosen{display:inline-grid;place-items:center;min-width:20px;height:20px;margin-inline-start:8px;border-radius:10px;background:var(--accent);color:var(--onAccent);font-size:13px}
.chosen{display:flex;flex-wrap:wrap;gap:8px;align-items:center;list-style:none;margin:0 0 ${below}px!important}
.chip{display:inline-flex;align-items:center;gap:8px;min-height:32px;padding:2px 12px;border:1px solid var(--line);border-radius:3px;background:var(--card);color:var(--text);text-decoration:none}.chip:hover{border-color:var(--text)}.listing svg[viewBox="0 0 12 12"]{width:12px;height:12px;fill:none;stroke:currentColor;stroke-width:1.6;stroke-linecap:round}
.nothing-matches{padding-block:24px}
.filters{display:none;inset:0 auto 0 0;width:min(360px,90vw);max-width:none;height:auto;max-height:none;margin:0;padding:16px 20px;overflow-y:auto;background:var(--ground);color:var(--text);font-size:15px;overscroll-behavior:contain}.filters:popover-open{display:block;position:fixed;box-shadow:0 0 40px rgb(0 0 0/.3)}.filters::backdrop{background:rgb(0 0 0/.35)}:dir(rtl)>.filters{inset:0 0 0 auto}
@supports not selector(:popover-open){.filters{display:block;position:static;width:auto}.filters-fold,.filters-head{display:none}}
.filters-head{display:flex;justify-content:space-between;align-items:center;font-size:18px;margin-bottom:8px}.filters-head button{width:36px;height:36px;border:0;background:none;color:inherit;cursor:pointer}
${onceWhole('.filter')}.filter{padding-block:14px;border-top:1px solid var(--line)}.filter:first-of-type,.filters-head+.filter{border-top:0;padding-top:0}
.filter-name{display:flex;justify-content:space-between;gap:8px;font-weight:620;margin-bottom:6px!important}.filter-span{font-weight:400;color:var(--quiet)}
.filter-values{list-style:none}.filter-value{display:flex;align-items:center;gap:8px;min-height:28px;color:inherit;text-decoration:none}.filter-value[href]:hover .value-name{text-decoration:underline;text-underline-offset:3px}.filter-value[aria-current]{font-weight:620}.filter-value[data-off]{color:var(--quiet)}.value-name{flex:1;min-width:0;overflow-wrap:anywhere}.value-count{color:var(--quiet);font-size:14px}
.depth-1{padding-inline-start:18px}.depth-2{padding-inline-start:36px}.depth-3{padding-inline-start:54px}.depth-4{padding-inline-start:72px}
.tick{flex:none;width:16px;height:16px;border:1.5px solid var(--quiet);border-radius:3px}[aria-current]>.tick{background:var(--accent);border-color:var(--accent);box-shadow:inset 0 0 0 3px var(--ground)}
.as-swatches{display:flex;flex-wrap:wrap;gap:6px 10px}.as-swatches .filter-value{flex-direction:column;gap:2px;min-width:28px;font-size:13px}.as-swatches .swatch-name{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}.as-swatches li{position:relative}.as-swatches [aria-current]>.swatch{outline:2px solid var(--text);outline-offset:2px}
.filter summary{cursor:pointer;min-height:28px;line-height:28px;text-decoration:underline;text-underline-offset:3px}
.bars{display:block;width:100%;height:30px;margin-bottom:6px;border-bottom:1px solid var(--quiet)}.bars rect{fill:var(--line)}.bars .in{fill:var(--accent)}
.ends input{flex:1;width:0}.ends button{padding:0 10px!important}.ends>span{color:var(--quiet)}
`.replaceAll('\n', '');
