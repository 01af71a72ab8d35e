/** Rules of shelves that move: what they are moved by, and how it stands around the cards. */
export const movingCss = `
.window{scrollbar-width:none;overscroll-behavior-x:contain}.window::-webkit-scrollbar{display:none}
.arrow,.pause{display:none;visibility:hidden;place-items:center;width:var(--arrow);height:var(--arrow);padding:0;background:var(--ground);color:var(--text);cursor:pointer;font:inherit;font-size:calc(var(--arrow)*.5);line-height:1}
[data-on]>.arrow,[data-on]>.pause{visibility:visible}
.arrow svg,.pause svg{width:55%;height:55%;fill:none;stroke:currentColor;stroke-width:2;stroke-linecap:round;stroke-linejoin:round}
:dir(rtl)>.arrow svg,:dir(rtl)>.arrow span{transform:scaleX(-1)}
.arrow.previous span{transform:scaleX(-1)}:dir(rtl)>.arrow.previous span{transform:none}
.arrow.round{border-radius:50%;box-shadow:0 1px 5px rgb(0 0 0/.22)}.arrow.square{border-radius:3px;box-shadow:0 1px 5px rgb(0 0 0/.22)}.arrow.bare{background:none}
:is([data-moving=over],[data-moving=beside])>.arrow{position:absolute;z-index:2;inset-block-start:calc(50% - var(--arrow)/2)}
[data-moving=over]>.previous{inset-inline-start:8px}[data-moving=over]>.next{inset-inline-end:8px}
[data-moving=beside]>.previous{inset-inline-start:0}[data-moving=beside]>.next{inset-inline-end:0}
:is([data-moving=above],[data-moving=below])>.arrow{vertical-align:top;margin-block:0 8px;margin-inline-end:8px;float:inline-start}
:is([data-moving=above],[data-moving=below])>:is(.window,.marks){clear:both}
[data-moving=below]>.arrow{margin-block:8px 0}
.marks{display:none;clear:both;height:36px;align-items:center;justify-content:center;visibility:hidden;font-size:14px;color:var(--quiet)}[data-on]>.marks{visibility:visible}
.marks button{width:24px;height:24px;padding:0;background:none;cursor:pointer;display:grid;place-items:center}.marks button::before{content:"";width:9px;height:9px;border-radius:50%;border:1.5px solid var(--quiet)}.marks [aria-current=true]::before{background:var(--text);border-color:var(--text)}
.marks .bar{width:min(240px,60%);height:4px;border-radius:2px;background:var(--line);overflow:hidden}.marks .bar i{display:block;height:100%;width:100%;background:var(--text);transform-origin:0 50%;transition:transform .16s}:dir(rtl)>.marks .bar i{transform-origin:100% 50%}
[data-moving] .card:has(:focus-visible){outline:none}[data-moving] .card:has(:focus-visible)::after{content:"";position:absolute;z-index:3;inset:0;pointer-events:none;outline:3px solid var(--accent);outline-offset:-3px;box-shadow:inset 0 0 0 5px var(--ground)}
[data-on=track]>.window{overflow:hidden!important;scroll-snap-type:none!important}[data-on=track][data-swipe]>.window{touch-action:pan-y pinch-zoom}[aria-disabled=true].arrow{color:var(--line);cursor:default}
@media (scripting:none){.arrow,.pause,.marks{display:none!important}}
`.replaceAll('\n', '');
