/** Rules of pages with pictures and text. */
export const pictureTextCss = `
.columns{display:grid;grid-template-columns:repeat(var(--columns),minmax(0,1fr));gap:var(--gap)}
.column{min-width:0;display:flex;flex-direction:var(--flow);gap:var(--between);align-items:var(--upright)}
.column>img{display:block;flex:none;width:var(--picture);height:auto;border-radius:3px}
.column-says{flex:1;min-width:0;overflow-wrap:break-word}
.column-title{font-size:22px;line-height:1.25;font-weight:560}
.column-title+.column-text{margin-top:8px}
.column-text{white-space:pre-line}
.column .button{display:block;width:fit-content;max-width:100%}
`.replaceAll('\n', '');
