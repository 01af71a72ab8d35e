/** Rules of pages with a notice. */
export const noticeCss = `
.notice{padding-block:9px;font-size:15px;text-align:center}
.bay:has(>.inner>.close){position:relative}.inner:has(>.close)>.notice{padding-inline:32px}
.close{position:absolute;inset-block-start:0;inset-inline-end:0;width:41px;height:41px;display:grid;place-items:center;padding:0;background:none;color:inherit;cursor:pointer}
.region .close:focus-visible{outline-offset:-5px}.close svg{width:14px;height:14px;fill:none;stroke:currentColor;stroke-width:1.6;stroke-linecap:round}
@media (scripting:none){.close{display:none}}
`.replaceAll('\n', '');
