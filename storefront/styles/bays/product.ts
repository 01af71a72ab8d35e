import { onceWhole } from '../../../core/css/onceWhole.ts';

/** Rules of what a product is told with: on its page, and in a window over any other. */
export const productCss = `
.product{display:grid;gap:var(--between,28px);grid-template-columns:var(--split,minmax(0,1fr));align-items:var(--upright,start)}
.gallery{order:var(--pictures-order,0);display:grid;gap:12px;grid-template-columns:var(--gallery,minmax(0,1fr));align-items:start;min-width:0}
.shots{order:1;grid-column:var(--shots-at,1);display:var(--shots,grid);gap:12px;grid-template-columns:repeat(var(--shots-across,2),minmax(0,1fr));align-items:start;list-style:none;overflow-x:auto;overflow-y:hidden;scroll-snap-type:x mandatory;scrollbar-width:none;min-width:0}
.shots>li{flex:none;width:var(--shot,auto);min-width:0;scroll-snap-align:start;position:relative;overflow:hidden;border-radius:3px}.shots>li:first-child{grid-column:var(--first,1/-1)}
.shots img{display:block;width:100%;height:auto}
.zoom{position:absolute;inset-block-end:12px;inset-inline-end:12px;width:40px;height:40px;display:grid;place-items:center;border-radius:3px;background:var(--ground);color:var(--text);cursor:zoom-in;opacity:.92}.zoom:hover{opacity:1}
[data-zoomed]{cursor:zoom-out;touch-action:none}[data-zoomed] img{transform:scale(var(--zoom));transform-origin:var(--at-x,50%) var(--at-y,50%)}[data-zoomed] .zoom{cursor:zoom-out}
@media (prefers-reduced-motion:no-preference){.shots{scroll-behavior:smooth}.shots img{transition:transform .16s}}
${onceWhole('.shot-links')}.shot-links{order:var(--shot-links-order,2);display:var(--shot-links,none);flex-flow:var(--shot-links-flow,row) wrap;justify-content:var(--shot-links-at,start);gap:var(--shot-links-gap,8px);list-style:none}
.shot-links a{display:grid;place-items:center;width:var(--shot-link,92px);height:var(--shot-link,92px);border:var(--shot-border,2px) solid transparent;border-radius:3px;overflow:hidden;outline-offset:2px}.shot-links img{display:var(--shot-link-picture,block);width:100%;height:100%;object-fit:cover}.shot-links a::before{content:var(--shot-dot,none);width:10px;height:10px;border-radius:5px;border:1.5px solid var(--text)}.shot-links a[aria-current]{border-color:var(--text)}.shot-links a[aria-current]::before{background:var(--text)}
.neighbours{display:flex;flex-wrap:wrap;justify-content:flex-end;align-items:center;gap:8px;margin-bottom:14px;font-size:15px}.neighbours a{min-height:32px;display:inline-flex;align-items:center;color:inherit}.neighbours [hidden]{display:none}.neighbours .from{color:var(--quiet);margin-inline-end:6px}.neighbours [rel]{padding:0 12px;border:1px solid var(--line);border-radius:3px;text-decoration:none}.neighbours [rel]:hover{border-color:var(--text)}
${onceWhole('.neighbours')}
.told{min-width:0;text-align:var(--lines,start)}.told :is(.told-row,.buy,.options ul,.labels),.told>.labels{justify-content:var(--line-of,normal)}.told>:first-child{margin-top:0!important}
.told-row{display:flex;flex-wrap:wrap;align-items:center;gap:6px 18px;margin-top:14px}.told-row>*{margin-block:0!important}.told-row>.buy{flex:1 1 240px}
.product h1{font-size:clamp(26px,3cqi,38px);line-height:1.15;font-weight:560;letter-spacing:-.015em}
.product .maker{color:var(--quiet);margin-block:6px}
.product .cost{font-size:22px;margin-top:12px}
.product .cost .before{color:var(--quiet);text-decoration:line-through;margin-inline-start:9px;font-size:18px}
.product .cost .reduced{color:var(--reduced)}
.product .part-rating{margin-top:8px;font-size:15px}
.product .lead{margin-top:16px;font-size:17px}
.product .long{margin-top:14px;color:var(--quiet)}.product .long :is(h2,h3,h4){color:var(--text)}.product .long h2{font-size:20px;line-height:1.3}.product .long h3{font-size:17px;line-height:1.4}.product .long h4{font-size:15px}
.product .stock{margin-top:16px}
.product .stock.out{color:var(--reduced)}
.options{margin-top:22px;display:grid;gap:12px}
.options section{display:flex;flex-wrap:wrap;gap:6px 14px;justify-content:var(--line-of,normal)}.options h2{font-size:15px;font-weight:560;min-width:4ch;line-height:38px}.options ul{flex:0 1 auto}
.options ul{display:flex;flex-wrap:wrap;gap:8px;list-style:none}
.options a{display:inline-flex;align-items:center;gap:8px;min-height:38px;padding:4px 12px;border:1px solid var(--line);border-radius:3px;text-decoration:none}
.options a:hover{border-color:var(--text)}
.options [aria-current]{border-color:var(--text);box-shadow:inset 0 0 0 1px var(--text)}
.options .off{color:var(--quiet);text-decoration:line-through}
.product .all{margin-top:20px}
.fields{margin-top:26px;display:grid;grid-template-columns:auto 1fr;border-top:1px solid var(--line);font-size:15px}
.fields .field{display:contents}
.fields dt,.fields dd{padding-block:8px;border-bottom:1px solid var(--line)}
.fields dt{color:var(--quiet);padding-inline-end:24px}
${onceWhole('.buy')}.buy{margin-top:20px;display:flex;flex-wrap:wrap;gap:10px;align-items:center}.buy .button{margin:0}.buy select{min-height:44px;max-width:100%;font:inherit;padding:4px 10px;border:1px solid var(--line);border-radius:3px;background:var(--ground);color:var(--text)}.buy .quantity{height:44px}.buy>.button{flex:1 1 180px;text-align:center}.product .ask{margin-top:12px}
.quantity-steps{display:flex;border:1px solid var(--quiet);border-radius:3px}.quantity-steps .quantity{width:52px;border:0;text-align:center;padding:0;appearance:textfield;-moz-appearance:textfield}.quantity-steps .quantity::-webkit-inner-spin-button{appearance:none}.quantity-step{width:40px;height:44px;padding:0;display:grid;place-items:center;background:none;color:inherit;cursor:pointer}.quantity-step[data-step="1"]{border-inline-start:1px solid var(--line)}.quantity-step[data-step="-1"]{border-inline-end:1px solid var(--line)}.quantity-step svg{width:12px;height:12px;stroke:currentColor;stroke-width:1.6;stroke-linecap:round}
@media (scripting:none){.quantity-step{display:none}}
.product .part-save{margin-top:12px}
.product .labels{position:static;flex-direction:row;flex-wrap:wrap;align-items:center;margin-block:10px}
`.replaceAll('\n', '');
