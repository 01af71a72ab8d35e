import { INSET_PX, ITEM_GAP_PX, TEXT_GAP_PX } from '../../../core/bays/words.ts';

/** Rules of pages with text in paragraphs. */
export const wordsCss = `
.rich{overflow-wrap:break-word}
.rich>*+*,.rich blockquote>*+*{margin-top:${TEXT_GAP_PX}px}
.rich h2{font-size:24px;line-height:1.25;font-weight:560}.rich h3{font-size:20px;line-height:1.3;font-weight:560}.rich h4{font-size:17px;line-height:24px;font-weight:560}
.rich :is(ul,ol){padding-inline-start:${INSET_PX}px}.rich :is(li+li,li>*+*){margin-top:${ITEM_GAP_PX}px}
:where(.rich) blockquote{margin:0}.rich blockquote{border-inline-start:3px solid var(--line);padding-inline-start:${INSET_PX - 3}px}
`.replaceAll('\n', '');
