/** Rules of pages with tabs. */
export const tabsCss = `
.tab-strip{display:flex;overflow-x:auto;scrollbar-width:none;overscroll-behavior-x:contain;list-style:none;margin-bottom:20px}
.tab-strip::-webkit-scrollbar{display:none}
.tab-strip>li{flex:none}
.tab{position:relative;display:block;padding:10px 4px;line-height:24px;white-space:nowrap;text-decoration:none}
.tab:hover{text-decoration:underline;text-underline-offset:4px}
.tab:is([aria-current],[aria-selected=true]){text-decoration:none}
.region .tab:focus-visible{outline-offset:-3px}
.tab::after{content:"";position:absolute;pointer-events:none}
.tab:is([aria-current],[aria-selected=true])::after{background:var(--accent)}
.tab-panels[aria-busy=true]{opacity:.6}
.tab-panels.eases{overflow:clip}
`.replaceAll('\n', '');
