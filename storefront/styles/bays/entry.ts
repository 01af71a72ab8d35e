import { ENTRY_PICTURE_PX, ENTRY_PX } from '../../../core/bays/entry.ts';

/** Rules of pages with a journal entry. */
export const entryCss = `
.entry>h1,.entry .rich{max-width:${ENTRY_PX}px}:where(.entry) .rich{font-size:17px;line-height:1.65}.entry .entry-shelf{margin-block:28px}.entry .rich+.rich{margin-top:14px}.entry h1{font-size:clamp(28px,4cqi,44px);line-height:1.12;font-weight:560;letter-spacing:-.015em;margin-bottom:18px}.entry img{display:block;width:100%;max-width:${ENTRY_PICTURE_PX}px;height:auto;border-radius:3px;margin-bottom:22px}
`.replaceAll('\n', '');
