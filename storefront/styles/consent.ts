import { onceWhole } from '../../core/css/onceWhole.ts';

/** The question whether what is viewed may be remembered. */
export const consentCss =
  '.consent{position:fixed;inset:auto 0 0;z-index:5;display:flex;flex-wrap:wrap;gap:8px 14px;align-items:center;padding:12px var(--margin);background:var(--text);color:var(--ground);font-size:15px}' +
  onceWhole('.consent') +
  '.consent p{flex:1 1 260px}' +
  '.consent button{font:inherit;font-weight:560;background:var(--ground);color:var(--text);border-radius:3px;padding:8px 14px;cursor:pointer}';
