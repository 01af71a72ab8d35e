import { BUTTON_GAP_PX, BUTTON_ICON_PX, BUTTON_PADDING_PX, BUTTON_TEXT } from '../../core/card/button.ts';
import { LEAST_TARGET_PX } from '../../core/card/leastTarget.ts';
import { QUANTITY_PX } from '../../core/card/parts/quantity.ts';
import { lineHeightCss } from '../../core/style/properties/lineHeight.ts';
import { partKinds } from '../../core/card/parts/index.ts';

/** Parts that can be pressed themselves; they lie above the link of their card. */
const pressed = partKinds
  .filter(({ takesPresses }) => takesPresses)
  .map(({ id }) => `.part-${id}`)
  .join(',');

const { fontPx, linePx, weight } = BUTTON_TEXT;

export const buttonsCss =
  `:is(${pressed}){position:relative;z-index:2;pointer-events:auto}.zone>:is(${pressed}){background:none;padding:0}` +
  `.act{min-width:${LEAST_TARGET_PX}px;min-height:${LEAST_TARGET_PX}px;display:inline-flex;vertical-align:top;align-items:center;justify-content:center;gap:${BUTTON_GAP_PX}px;max-width:100%;padding:${BUTTON_PADDING_PX.across}px ${BUTTON_PADDING_PX.ends}px;border:1px solid var(--accent);border-radius:3px;background:var(--accent);color:var(--onAccent);font-family:inherit;font-size:${fontPx}px;${lineHeightCss(linePx / fontPx)};font-weight:${weight};text-decoration:none;cursor:pointer;overflow-wrap:anywhere}` +
  `.act.icon{padding-inline:${BUTTON_PADDING_PX.across}px}.act svg{width:${BUTTON_ICON_PX}px;height:${BUTTON_ICON_PX}px;flex:none}` +
  '.act.leads{background:var(--ground);color:var(--text);border-color:var(--line)}.act:hover{text-decoration:underline;text-underline-offset:3px}.act.leads:hover{border-color:var(--text)}' +
  '.part-save [aria-pressed=true] svg{fill:currentColor}' +
  '.zone-foot .act{width:100%;border-radius:0}' +
  `.quantity{width:${QUANTITY_PX.width}px;height:${QUANTITY_PX.height}px;font:inherit;padding:4px 8px;border:1px solid var(--quiet);border-radius:3px;background:var(--ground);color:var(--text)}`;
