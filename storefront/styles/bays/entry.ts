/** Rules of pages with a journal entry. */
export const entryCss = `
.entry>*{max-width:680px}.entry h1{font-size:clamp(28px,4cqi,44px);line-height:1.12;font-weight:560;letter-spacing:-.015em;margin-bottom:18px}.entry img{display:block;width:100%;max-width:760px;height:auto;border-radius:3px;margin-bottom:22px}.entry p{margin-bottom:1em;font-size:17px;line-height:1.65}
`.replaceAll('\n', '');
