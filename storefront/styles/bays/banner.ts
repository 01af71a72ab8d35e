import { onceWhole } from '../../../core/css/onceWhole.ts';
import { LEAST_MARGIN_PX } from '../../../core/bays/bannerTexts.ts';
import { UNDER_BELOW_PX, UNDER_PX } from '../../../core/bays/bannerHeight.ts';

/** Rules of pages with a banner. */
export const bannerCss = `
${onceWhole('.banner')}.banner{position:relative;min-height:var(--height);max-width:var(--inner);margin-inline:auto;display:flex;align-items:center;background:var(--card);overflow:hidden}
.banner>img{position:absolute;inset:0;width:100%;height:100%;object-fit:cover}
.banner .over{position:relative;z-index:1;width:100%;max-width:calc(var(--content) + 2*var(--margin));margin-inline:auto;padding:32px max(var(--margin),${LEAST_MARGIN_PX}px)}
.banner :is(h1,h2){font-size:clamp(30px,4.6cqi,54px);line-height:1.1;font-weight:560;letter-spacing:-.02em;max-width:min(12em,56cqi);text-wrap:balance}
.banner .button{display:block;width:fit-content}
.banner p{margin-top:12px;max-width:min(34ch,50cqi);font-size:17px}
@container region (width < ${UNDER_BELOW_PX}px){.banner{flex-direction:column;align-items:stretch}.banner>img{position:static;flex:1 1 ${UNDER_PX}px;min-height:0;height:0}.banner .over{padding-block:22px 16px}}
`.replaceAll('\n', '');
