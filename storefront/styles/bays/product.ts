/** Rules of what a product is told with: on its page, and in a window over any other. */
export const productCss = `
.product{display:grid;gap:28px 48px}
@container region (width >= 880px){.product{grid-template-columns:minmax(0,7fr) minmax(0,5fr);align-items:start}}
.gallery{display:grid;gap:12px;grid-template-columns:repeat(2,minmax(0,1fr));list-style:none}
.gallery li:first-child{grid-column:1/-1}
.gallery img{display:block;width:100%;height:auto;border-radius:3px}
.product h1{font-size:clamp(26px,3cqi,38px);line-height:1.15;font-weight:560;letter-spacing:-.015em}
.product .maker{color:var(--quiet);margin-bottom:6px}
.product .cost{font-size:22px;margin-top:12px}
.product .cost .before{color:var(--quiet);text-decoration:line-through;margin-inline-start:9px;font-size:18px}
.product .cost .reduced{color:var(--reduced)}
.product .lead{margin-top:16px;font-size:17px}
.product .long{margin-top:14px;color:var(--quiet)}
.product .stock{margin-top:16px}
.product .stock.out{color:var(--reduced)}
.options{margin-top:22px;display:grid;gap:16px}
.options h2{font-size:15px;font-weight:560;margin-bottom:8px}
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
.buy{margin-top:20px;display:flex;flex-wrap:wrap;gap:10px;align-items:center}.buy .button{margin:0}.buy select{min-height:44px;max-width:100%;font:inherit;padding:4px 10px;border:1px solid var(--line);border-radius:3px;background:var(--ground);color:var(--text)}.buy .quantity{height:44px}.buy+p{margin-top:12px}
.product .part-save{margin-top:12px}
.product .labels{flex-direction:row;flex-wrap:wrap;align-items:center;margin-bottom:10px}
`.replaceAll('\n', '');
