/** Rules of pages with a menu; what differs from a row is told by `core/bays/menu.ts`. */
export const menuCss = `
.menu{display:var(--list,flex);flex-flow:var(--flow,row) wrap;justify-content:var(--side,flex-start);gap:2px var(--between);list-style:none;font-size:15px}
.store .menu{position:var(--over,static);inset:100% 0 auto;max-height:80vh;padding:var(--over-in,0);background:var(--over-ground,none);box-shadow:var(--over-shadow,none);overflow:var(--over-scroll,visible)}
.menu-item{position:relative;display:flex;row-gap:2px;flex-direction:var(--flow,row);align-items:flex-start}
.menu-link{display:block;padding-block:6px;text-decoration:none}
a.menu-link:is(:hover,[aria-current]){text-decoration:underline;text-underline-offset:5px}
.menu-more{display:var(--more,grid);place-items:center;width:24px;height:34px;padding:0;background:none;color:inherit;cursor:pointer}
.menu-below{position:var(--below,absolute);z-index:1;inset:100% auto auto 0;display:var(--below-list,var(--opened,none));flex-direction:column;gap:2px;min-width:max-content;max-width:80vw;padding:var(--below-in,8px 16px);background:var(--behind,var(--ground));box-shadow:0 6px 18px rgb(0 0 0/calc(.14*var(--lifted,1)));list-style:none;text-align:start}
:dir(rtl)>.menu-below{inset:100% 0 auto auto}
.menu-item[data-open]{--opened:flex}
.menu-item[data-open]>.menu-more svg{transform:rotate(180deg)}
@media (hover:hover){.menu-item:hover:not([data-shut]){--opened:flex}}
.menu-fold{display:var(--fold,none);align-items:center;justify-content:center;width:40px;height:40px;padding:0;background:none;color:inherit;cursor:pointer}
.menu-fold>svg,.menu-more>svg{width:22px;height:22px;fill:none;stroke:currentColor;stroke-width:1.7;stroke-linecap:round}
.menu-more>svg{width:14px}
@media (scripting:none){.menu-fold,.menu-more{display:none}.menu{display:flex}.store .menu{position:static;max-height:none;padding:0;box-shadow:none}.menu-item:focus-within{--opened:flex}}
`.replaceAll('\n', '');
