import { onceWhole } from '../../core/css/onceWhole.ts';

/** Rules of the numbers under a list, and of the button for more of it. */
export const pagerCss = `
.pager{display:none;flex-wrap:wrap;align-items:center;justify-content:center;gap:6px;margin-top:32px;font-size:16px}
${onceWhole('.pager')}
.pager a,.pager .gap,.pager .here{min-width:40px;height:40px;display:inline-grid;place-items:center;border-radius:3px;padding-inline:8px;text-decoration:none}
.pager a{border:1px solid var(--line)}
.pager a:hover{border-color:var(--text)}
.pager .here{background:var(--text);color:var(--ground)}
.pager.more{flex-direction:column}.pager.more a{padding-inline:22px}.pager .to-foot{border:0;font-size:14px;color:var(--quiet)}
`.replaceAll('\n', '');
