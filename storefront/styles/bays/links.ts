/** Rules of pages with a bay of links. */
export const linksCss = `
.bay-links{display:flex;flex-wrap:wrap;flex-direction:var(--flow);justify-content:var(--justify);align-items:var(--justify);gap:var(--between);list-style:none}
.bay-links>li{display:flex}
.bay-link{position:relative;min-width:24px;min-height:40px;display:inline-flex;align-items:center;justify-content:center;gap:8px;text-decoration:none}
.bay-link:hover{text-decoration:underline;text-underline-offset:4px}
.bay-link>svg{flex:none;width:var(--icon);height:var(--icon)}
`.replaceAll('\n', '');
