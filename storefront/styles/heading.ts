/** Rules of the way to a page and of its heading, where no bay carries that. */
export const headingCss = `
.trail{padding-inline:var(--margin)}
.trail ol{max-width:var(--content);margin-inline:auto;list-style:none;display:flex;flex-wrap:wrap;gap:2px 8px;font-size:14px;padding-block:14px;color:var(--quiet)}
.trail li+li::before{content:"/";margin-inline-end:8px}
.trail a{color:inherit}
.page-heading{padding-inline:var(--margin);padding-block:28px 4px}
.page-heading h1{max-width:var(--content);margin-inline:auto;font-size:clamp(28px,4cqi,40px);line-height:1.15;font-weight:560;letter-spacing:-.015em}
`.replaceAll('\n', '');
