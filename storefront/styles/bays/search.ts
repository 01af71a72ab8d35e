/** Rules of pages with a field in which the store is searched. */
export const searchCss = `
.site-search{display:var(--searched);position:relative;width:var(--field);max-width:100%;font-size:15px}.site-search input{flex:1;min-width:0;height:40px;font:inherit;padding:0 12px;border:1px solid var(--quiet);border-inline-end:0;border-start-start-radius:3px;border-end-start-radius:3px;background:var(--ground);color:var(--text);appearance:none}.site-search button{font:inherit;font-weight:560;height:40px;padding:0 14px;border:1px solid var(--quiet);border-start-end-radius:3px;border-end-end-radius:3px;background:var(--card);color:var(--text);cursor:pointer;white-space:nowrap}.site-search button:hover{border-color:var(--text)}
.search-link{display:var(--search-link);padding-block:1px}
.search-said{margin-top:12px;font-size:15px}
.suggestions{position:absolute;z-index:30;inset:100% 0 auto;min-width:min(320px,90vw);margin-top:4px;padding:6px 0;background:var(--ground);color:var(--text);border:1px solid var(--line);border-radius:3px;box-shadow:0 10px 24px rgb(0 0 0/.18);max-height:70vh;overflow-y:auto}.suggestions[hidden]{display:none}
.suggestion{display:flex;align-items:center;gap:12px;min-height:44px;padding:4px 14px;cursor:pointer}.suggestion[aria-selected=true],.suggestion:hover{background:var(--card)}.suggestion[aria-selected=true]{outline:2px solid var(--accent);outline-offset:-2px}
.suggestion-picture{flex:none;width:40px;height:40px;overflow:hidden;background:var(--line)}.suggestion-picture img{width:100%;height:100%;object-fit:cover}.suggestion-words{flex:1;min-width:0;overflow-wrap:anywhere}.suggestion-aside{color:var(--quiet);white-space:nowrap}.suggestion-rest{font-weight:560;border-top:1px solid var(--line)}
`.replaceAll('\n', '');
