/** Pictures of one card beside each other: swiped, scrolled, turned by its arrows where there is script. */
export const flickCss =
  '.flick{position:relative;z-index:1;display:flex;height:100%;overflow:auto hidden;overscroll-behavior-x:contain;scroll-snap-type:x mandatory;scrollbar-width:none}' +
  '.flick::-webkit-scrollbar{display:none}.flick:focus-visible{outline-offset:-3px}' +
  '.flick>a{position:relative;flex:0 0 100%;scroll-snap-align:start;scroll-snap-stop:always}' +
  '.flick img{display:block;width:100%;height:100%;object-fit:var(--fit)}.flick>a+a>img{position:absolute;inset:0}' +
  '.turns{position:absolute;z-index:1;inset-inline:0;inset-block-end:3px;display:flex;justify-content:center;gap:5px;pointer-events:none}' +
  '.turns i{width:7px;height:7px;border-radius:50%;background:var(--ground);box-shadow:0 0 0 1px rgb(0 0 0/.35);opacity:.6}.turns [data-on]{background:var(--text);opacity:1}' +
  '.turn{display:none;position:absolute;z-index:2;inset-block-start:calc(50% - 16px);width:32px;height:32px;padding:0;border-radius:50%;place-items:center;background:color-mix(in srgb,var(--ground) 88%,transparent);color:var(--text);cursor:pointer}' +
  '.turn.previous{inset-inline-start:8px}.turn.next{inset-inline-end:8px}' +
  '.turn span{width:9px;height:9px;border:solid;border-width:2px 2px 0 0;rotate:45deg;translate:-1.5px}.turn.previous span{rotate:225deg;translate:1.5px}' +
  '.turn.next:dir(rtl) span{rotate:225deg;translate:1.5px}.turn.previous:dir(rtl) span{rotate:45deg;translate:-1.5px}' +
  '@media (scripting:enabled) and (hover:hover){.card:hover .turn{display:grid}}';
