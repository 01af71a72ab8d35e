/** Rules of the window that shows a product in short. */
export const quickCss = `
.quick{width:min(920px,calc(100vw - 24px));max-height:calc(100dvh - 24px);padding:24px;border-radius:4px;background:var(--ground);color:var(--text);overflow:auto}.quick::backdrop{background:rgb(0 0 0/.5)}.quick .shut{position:sticky;z-index:2;inset-block-start:-12px;float:inline-end;width:40px;height:40px;margin:-12px -12px -28px 0;border-radius:50%;background:var(--ground);color:var(--text);font:inherit;font-size:24px;line-height:1;cursor:pointer}.quick[aria-busy] .product{opacity:.5}.quick .product{container:none}@media (width >= 700px){.quick .shut{margin-block-end:0}.quick .product{grid-template-columns:1fr 1fr;gap:28px}}
`.replaceAll('\n', '');
