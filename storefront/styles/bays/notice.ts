/** Rules of pages with a notice. */
export const noticeCss = `
.notice{padding-block:9px;font-size:15px;text-align:center}
`.replaceAll('\n', '');
