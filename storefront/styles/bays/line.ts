/** Rules of pages with a space or a line between bays. */
export const lineCss = `
.space{display:grid;align-content:center}.space hr{margin:0}
`.replaceAll('\n', '');
