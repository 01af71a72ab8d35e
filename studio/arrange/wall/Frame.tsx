import { memo, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import styled from 'styled-components';
import { ownInScript } from '../../../core/texts/inScript.ts';
import { bandAt, nominalOf } from '../../../core/bands/bands.ts';
import { pageTokens, TOKENS_PIECE } from '../../../core/css/pageCss.ts';
import { scopeOf } from '../../../core/css/written.ts';
import type { PageView } from '../../../core/view/view.ts';
import { DrawnAtContext } from '../../../storefront/drawnAt.ts';
import { Page } from '../../../storefront/Page.tsx';
import { useOwnTypefaceCss } from '../../style/ownTypefaceCss.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { t } from '../../ui/theme.ts';
import { frameDocument, type CardState, type FrameDocument } from './frameDocument.ts';
import type { Marked } from '../settingAt.ts';
import { elementPressed } from './pressed.ts';
import { useMoving } from './useMoving.ts';
import type { FrameDrags } from './useNearFrame.ts';
import { useOwnRules } from './useOwnRules.ts';
import { useOnlyInSight } from './useOnlyInSight.ts';

const Holder = styled.div`
  position: relative;
  background: #fff;
  border-radius: ${t.frameCorner};
  box-shadow: 0 2px 8px rgb(22 35 43 / 0.16);
  overflow: hidden;
  flex: none;
  iframe {
    border: 0;
    transform-origin: 0 0;
    display: block;
    background: #fff;
  }
`;

export interface FrameProps {
  view: PageView;
  /** Style sheet text of the view by piece, made once for all frames. */
  styles: ReadonlyMap<string, string>;
  /** True width of the page in it, px. */
  widthPx: number;
  /** Height that it takes on the wall, px. */
  heightPx: number;
  scale: number;
  name: string;
  chosenBay: string | null;
  /** What of the chosen bay is being set. */
  marked?: Marked | null;
  /** Nothing but the shelves of the page, with all cards in one state. */
  cardsOnly?: CardState | null;
  /** Every state can be drawn in it without a pointer. */
  twins?: boolean;
  /** Bays that differ from another version of the page. */
  differing?: Iterable<string>;
  /** A bay of the page was pressed, and what of it; null beside all bays. */
  onPress(bayId: string | null, target: Element): void;
  /** What can be dragged in it; another object begins it again. */
  drags?: FrameDrags | null;
  /** Told of the document when the page is drawn in it, and null when it goes. */
  onDocument(document: Document | null): void;
}

/** A page that fails is covered, the frame under it stays. */
const OVER = { position: 'absolute', inset: 0 } as const;

/** The mark of bays: the chosen one, or those that differ; nothing that a shopper sees. */
export const markCss = (bayIds: Iterable<string>, scale: number, colour: string = t.pine): string =>
  [...bayIds]
    .map(
      (id) => `${scopeOf('bay', id)}{outline:${2 / scale}px solid ${colour};outline-offset:-${2 / scale}px}`,
    )
    .join('');

/** The mark of what is being set: around it, or at its sides where it goes on below. */
function partMarkCss(bayId: string, { selector, goesOn }: Marked, scale: number): string {
  const px = 2 / scale;
  const mark = goesOn
    ? `box-shadow:inset ${px}px 0 ${t.pine},inset -${px}px 0 ${t.pine};background-image:linear-gradient(${t.pine}1f,${t.pine}1f)`
    : `outline:${px}px solid ${t.tapeEdge};outline-offset:${px / 2}px`;
  return `${scopeOf('bay', bayId)} ${selector}{${mark}}`;
}

const none: readonly string[] = [];

/** What stands around the shelves of a page. */
const CARDS_ONLY =
  '.store,.trail,.page-heading,.bay-heading,.foot,.skip{display:none}.region{min-height:0}.main{flex:none}';

/** Pictures are fetched for widths in such steps, and once a width that is dragged has rested for so long. */
const DRAWN_STEP_PX = 160;
const RESTS_MS = 200;

/** A value as it was when it last rested; a change of it is followed once no other comes after it. */
function useRested<T>(value: T): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), RESTS_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return rested;
}

/**
 * A page at its true width, drawn from the view by the very components of the public page, in a document of
 * its own so that containers, fonts and pictures behave as in public.
 */
export const Frame = memo(function Frame({
  view,
  styles,
  widthPx,
  heightPx,
  scale,
  name,
  chosenBay,
  marked = null,
  cardsOnly = null,
  twins = false,
  differing = none,
  drags = null,
  onPress,
  onDocument,
}: FrameProps) {
  const ref = useRef<HTMLIFrameElement>(null);
  const state = cardsOnly ?? 'atRest';
  const [inner, setInner] = useState<FrameDocument | null>(null);

  useEffect(() => {
    const frame = ref.current!;
    let open = false;
    const opened = () => {
      const document = frame.contentDocument;
      if (!document || document.URL === 'about:blank' || open) return;
      open = true;
      setInner(frameDocument(document, state, twins));
    };
    frame.addEventListener('load', opened);
    // The document may be there already.
    if (frame.contentDocument?.readyState === 'complete') opened();
    return () => frame.removeEventListener('load', opened);
  }, [state, twins]);
  const rules = useOwnRules(view);
  const typefaces = useOwnTypefaceCss();
  const pieces = useMemo(() => {
    const all = new Map([
      ...styles,
      ...(typefaces ? [[' typefaces', typefaces] as const] : []),
      ...(rules ?? []),
    ]);
    all.delete(TOKENS_PIECE);
    return all;
  }, [styles, rules, typefaces]);
  useLayoutEffect(() => inner?.style(pieces), [inner, pieces]);
  const { colours } = view;
  useLayoutEffect(() => inner?.tokens(pageTokens(colours)), [inner, colours]);
  const marks =
    (cardsOnly ? CARDS_ONLY : '') +
    (drags?.css ?? '') +
    markCss(differing, scale, t.tapeEdge) +
    markCss(chosenBay === null ? none : [chosenBay], scale) +
    (chosenBay === null || marked === null ? '' : partMarkCss(chosenBay, marked, scale));
  useLayoutEffect(() => inner?.mark(marks), [inner, marks]);
  const { lang, texts } = view;
  useLayoutEffect(() => {
    if (!inner) return;
    const { documentElement } = inner.document;
    documentElement.setAttribute('lang', lang);
    documentElement.setAttribute('data-texts', ownInScript({ locale: lang, texts }) ?? '');
  }, [inner, lang, texts]);
  useMoving(inner?.document ?? null, view);
  // A frame is as high as the wall is; what goes by the screen goes by that of the band.
  const { bands } = view;
  useLayoutEffect(() => {
    const screenPx = nominalOf(bands, bandAt(bands, widthPx)).height;
    inner?.document.documentElement.style.setProperty('--screen', `${screenPx}px`);
  }, [inner, bands, widthPx]);
  const restedPx = useRested(widthPx);
  const drawnPx = Math.ceil(restedPx / DRAWN_STEP_PX) * DRAWN_STEP_PX;
  useOnlyInSight(inner?.document ?? null, restedPx === widthPx, view);
  useEffect(() => {
    if (!inner) return undefined;
    onDocument(inner.document);
    return () => onDocument(null);
  }, [inner, onDocument]);
  useEffect(() => {
    const document = inner?.document;
    if (!document) return undefined;
    const press = (event: MouseEvent) => {
      // Links of the page lead nowhere from here: the page is being arranged, not visited.
      event.preventDefault();
      const target = elementPressed(event);
      onPress(target.closest('[data-bay]')?.getAttribute('data-bay') ?? null, target);
    };
    document.addEventListener('click', press, true);
    return () => document.removeEventListener('click', press, true);
  }, [inner, onPress]);

  useEffect(() => (inner && drags ? drags.start(inner.document) : undefined), [inner, drags]);

  return (
    <Holder style={{ width: widthPx * scale, height: heightPx }}>
      <iframe
        ref={ref}
        src="/studio/frame"
        title={name}
        tabIndex={-1}
        style={{ width: widthPx, height: heightPx / scale, transform: `scale(${scale})` }}
      />
      <DrawnAtContext value={{ widthPx: drawnPx, scale, bands: view.bands }}>
        <Boundary what={name} tryAgainOn={[view]} style={OVER}>
          {inner && createPortal(<Page view={view} />, inner.document.body)}
        </Boundary>
      </DrawnAtContext>
    </Holder>
  );
});
