import { FIRST_FAMILY } from '../../core/text/families/index.ts';
import { familyCss } from '../../core/text/standIns.ts';
import { onceWhole } from '../../core/css/onceWhole.ts';
import { zoneCss } from '../../core/css/placeCss.ts';
import { LABEL_GAP_PX, LABEL_TEXT } from '../../core/label/labelKind.ts';
import { CORNERS_PX } from '../../core/card/parts/picture.ts';
import { buttonsCss } from './buttons.ts';
import { labelKindsCss } from '../../core/css/labelCss.ts';

/** Style sheet that every page of the storefront shares; all measures that an owner sets come from core/css. */
export const baseCss = `
@property --lift{syntax:"*";inherits:false}@property --across{syntax:"*";inherits:false}@property --down{syntax:"*";inherits:false}@property --move-by{syntax:"*";inherits:false}@property --moves{syntax:"*";inherits:false}@property --marks{syntax:"*";inherits:false}
*,*::before,*::after{box-sizing:border-box;border:0 solid}
html{--screen:100vh;overflow-y:scroll;-webkit-text-size-adjust:100%}
@supports(height:1svh){html{--screen:100svh}}
body{margin:0}
.region{container:region/inline-size;font-family:${familyCss(FIRST_FAMILY)};font-size:16px;line-height:1.5;background:var(--ground);color:var(--text);min-height:100vh;display:flex;flex-direction:column}
:where(.region) :where(h1,h2,h3,h4,h5,p,ol,ul,dl,dd,figure){margin:0;padding:0}
:where(.region) a{color:inherit}
.region :focus-visible{outline:3px solid var(--accent);outline-offset:2px}
.unseen{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}
.skip{position:absolute;inset-inline-start:-9999px}
.skip:focus{position:static;display:block;padding:8px 16px}
.store{position:relative;padding-inline:var(--margin);border-bottom:1px solid var(--line);background:var(--ground);inset-block-start:0;z-index:4}
.rows{max-width:var(--content);margin-inline:auto;display:flex;flex-wrap:wrap;gap:4px var(--between-bays)}
.store>.rows{min-height:64px;align-items:center;align-content:center}
:where(.rows)>.bay{display:flex;justify-content:var(--side,flex-start)}
.rows>.bay>.inner{max-width:100%;padding-inline:0;margin-inline:0}
.store-name{display:block;font-weight:650;font-size:20px;text-decoration:none;letter-spacing:-.01em}.store-name img{display:block;object-fit:contain}
.own-links{display:flex;gap:4px 18px}.own-link{display:inline-flex;gap:6px;align-items:center;text-decoration:none;padding-block:6px;font-size:15px;white-space:nowrap}.own-link>span:last-child{display:inline-block;min-width:3ch}.own-link:hover{text-decoration:underline;text-underline-offset:5px}
.main{flex:1}:where(.main) [id]{scroll-margin-top:var(--stuck,0px)}
.bay>.inner{max-width:calc(var(--inner) + 2*var(--margin));margin-inline:auto;padding-inline:var(--margin)}
.bay-heading{margin-bottom:20px;font-weight:560;line-height:1.2;letter-spacing:-.01em}
h1.bay-heading{font-size:clamp(28px,4cqi,40px)}
h2.bay-heading{font-size:clamp(22px,2.6cqi,30px)}
h3.bay-heading{font-size:20px}
h4.bay-heading{font-size:17px}
.align-start{text-align:start}.align-center{text-align:center}.align-end{text-align:end}
.cards{list-style:none;display:grid}
[data-shelf]{position:relative}
.window{position:relative}.card[hidden]{display:none}
.card{min-width:0;position:relative;display:flex;flex-direction:column;text-align:var(--align)}${onceWhole('.card')}
.texts{min-width:0;display:flex;flex-direction:column}.texts>*{margin-top:var(--part-gap);overflow-wrap:break-word}.texts:empty{padding:0!important;aspect-ratio:auto!important;min-height:0!important;background:none!important}.lead>*{margin-block:0 var(--part-gap)}.card>.bare.part-title{position:absolute;inset:0}
.part-picture{position:relative;aspect-ratio:var(--ratio);background:var(--card);overflow:hidden;border-radius:${CORNERS_PX}px;margin-bottom:var(--part-gap)}
:is(.part-picture,.frame)>img,.flick img{filter:var(--tone,none)}:is(.part-picture,.frame)>img{display:block;width:100%;height:100%;object-fit:var(--fit)}
.frame{position:relative;height:100%;overflow:hidden;border-radius:inherit}
.part-picture .none{position:absolute;inset:0;display:grid;place-items:center;color:var(--quiet);font-size:13px;padding:8px;text-align:center}
.part-icon{display:block;line-height:0}.labels{display:flex;flex-direction:column;align-items:inherit;gap:${LABEL_GAP_PX}px}
.label{font-size:${LABEL_TEXT.fontPx}px;line-height:1;padding:${LABEL_TEXT.box.acrossPx}px ${LABEL_TEXT.box.endsPx}px;border-radius:2px;font-weight:${LABEL_TEXT.weight};unicode-bidi:plaintext}${labelKindsCss}.label.pictured{background:none;padding:0}.label img{display:block;width:auto;max-width:100%}
${zoneCss}
${buttonsCss}
.part-title{display:-webkit-box;-webkit-box-orient:vertical;-webkit-line-clamp:var(--title-lines);overflow:hidden;overflow-wrap:anywhere}
.part-title a{text-decoration:none}
.part-title a::after{content:"";position:absolute;inset:0}
.card:hover .part-title a{text-decoration:underline;text-underline-offset:3px}
.card:has(:focus-visible){outline:3px solid var(--accent);outline-offset:4px}
.card .part-title a:focus-visible{outline:none}
.part-description{display:-webkit-box;-webkit-box-orient:vertical;-webkit-line-clamp:var(--description-lines,3);overflow:hidden}
.part-price .before{color:var(--quiet);margin-inline-start:7px;text-decoration:line-through}
.part-price .reduced{color:var(--reduced);font-weight:560}

.button{display:inline-block;margin-top:20px;background:var(--accent);color:var(--onAccent);padding:11px 20px;border-radius:3px;text-decoration:none;font:inherit}
.button:hover{text-decoration:underline;text-underline-offset:4px}
.foot{margin-top:48px;border-top:1px solid var(--line);padding-inline:var(--margin)}${onceWhole('.foot')}
@media (prefers-reduced-motion:no-preference){:is(.part-picture,.frame)>img{transition:transform .16s,opacity .16s,filter .16s}}
`.replaceAll('\n', '');
