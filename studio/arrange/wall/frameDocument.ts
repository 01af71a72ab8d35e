import { DRAWN_ROWS } from '../../../core/card/zones.ts';
import { t } from '../../ui/theme.ts';
import { baseCss } from '../../../storefront/styles/base.ts';
import { allUsedCss } from '../../../storefront/styles/whereUsed.ts';
import { allBaysCss } from '../../../storefront/bays/index.tsx';
import { CHARACTER_SETS } from '../../../core/text/characterSets.ts';
import { typeFamilies } from '../../../core/text/families/index.ts';
import { fontCss } from '../../../storefront/styles/fonts.ts';

/** The document of a frame with its style sheets. */
export interface FrameDocument {
  document: Document;
  /** Writes only the pieces that read otherwise, so that the rest of the page is not styled anew. */
  style(pieces: ReadonlyMap<string, string>): void;
  /**
   * Sets custom properties of the root itself. A sheet that reads otherwise has a browser match every rule of the page
   * anew, which values that are only handed down do not.
   */
  tokens(values: ReadonlyMap<string, string>): void;
  /** What the frame adds to the page, which no shopper sees. */
  mark(css: string): void;
}

/** How cards are drawn in a frame: as they are, or all as if pointed at or come to with the keyboard. */
export type CardState = 'atRest' | 'hover' | 'focus';

/** Always true, and as specific as what it stands for. */
const ALWAYS = ':not(._)';

const asIf: Record<CardState, (css: string) => string> = {
  atRest: (css) => css,
  hover: (css) => css.replace(/(\.card(?::not\()?):hover/g, `$1${ALWAYS}`),
  focus: (css) =>
    css.replace(/(\.card(?::not\(:hover,)?):(?:focus-within|has\(:focus-visible\))/g, `$1${ALWAYS}`),
};

/**
 * The same rules with twins, by an attribute, of what needs a pointer or a keyboard: so that every state can be drawn,
 * and looked at. In frames of the studio only.
 */
export const twinned = (css: string): string =>
  css
    .replace(/(?<!\(hover):hover\b/g, ':is(:hover,[data-as~=hover])')
    .replace(/:focus-visible\b/g, ':is(:focus-visible,[data-as~=focus])')
    .replace(/:active\b/g, ':is(:active,[data-as~=pressed])');

/** What is dragged in a frame, and where it would come to. */
const DRAGS_CSS =
  `[data-dragged]{opacity:.4}[data-drop]{outline:4px solid ${t.pine};outline-offset:-4px}` +
  // In public what stands on a picture lets presses through to the link of the card.
  '.zone>*{pointer-events:auto}' +
  'html[data-still] *{transition:none!important}html[data-drags] *{cursor:grabbing!important}html[data-resizes] *{cursor:ns-resize!important}' +
  '.drop-zones,.drop-line,.drop-words{position:fixed;z-index:9;pointer-events:none;box-sizing:border-box}' +
  `.drop-zones{display:grid;grid-template:${DRAWN_ROWS.map((row) => `${row}fr`).join(' ')}/1fr 1fr 1fr;gap:4px;padding:4px}` +
  `.drop-zones i{border:1.5px dashed ${t.pine};border-radius:4px;background:rgb(255 255 255/.55)}` +
  `.drop-zones i[data-on]{background:${t.pine};opacity:.75}` +
  `.drop-line{border:0 solid ${t.pine};border-radius:2px;box-shadow:0 0 0 1px #fff}` +
  '.drop-line[data-at=before]{border-block-start-width:3px}.drop-line[data-at=after]{border-block-end-width:3px}' +
  `.drop-line[data-at=beside]{border-inline-end-width:4px;background:color-mix(in srgb,${t.pine} 14%,transparent)}` +
  `.drop-words{background:${t.ink};color:#fff;font:500 14px/1 system-ui;padding:5px 8px;border-radius:4px}`;

/** Every family, since any can be chosen; a browser fetches those that are used. */
const fonts = fontCss(
  { families: typeFamilies, slopes: ['upright', 'italic'] },
  'swap',
  new Set(CHARACTER_SETS),
);

/** @param twins whether states can be drawn without a pointer */
export function frameDocument(document: Document, state: CardState = 'atRest', twins = false): FrameDocument {
  const drawn = (css: string) => (twins ? twinned(css) : asIf[state](css));
  const add = (css: string) => {
    const style = document.createElement('style');
    style.textContent = drawn(css);
    document.head.append(style);
    return style;
  };
  // Bars would take width from the page, which is to be exactly as wide as the tape says.
  add(`${fonts}${baseCss}${allBaysCss}${allUsedCss}html{scrollbar-width:none}${DRAGS_CSS}`);
  const marks = add('');
  const written = new Map<string, HTMLStyleElement>();
  const write = (style: HTMLStyleElement, css: string) => {
    const next = drawn(css);
    if (style.textContent !== next) style.textContent = next;
  };
  return {
    document,
    style(pieces) {
      for (const [id, style] of written)
        if (!pieces.has(id)) {
          style.remove();
          written.delete(id);
        }
      for (const [id, css] of pieces) {
        const style = written.get(id);
        if (style) write(style, css);
        else written.set(id, add(css));
      }
    },
    tokens(values) {
      for (const [name, value] of values) document.documentElement.style.setProperty(name, value);
    },
    mark: (css) => write(marks, css),
  };
}
