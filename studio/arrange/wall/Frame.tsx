import { memo, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import styled from 'styled-components';
import { pageCss } from '../../../core/css/pageCss.ts';
import type { PageView } from '../../../core/view/view.ts';
import { Page } from '../../../storefront/Page.tsx';
import { baseCss } from '../../../storefront/styles/base.ts';
import { fontCss } from '../../../storefront/styles/fonts.ts';
import { t } from '../../ui/theme.ts';

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
  /** True width of the page in it, px. */
  widthPx: number;
  /** Height that it takes on the wall, px. */
  heightPx: number;
  scale: number;
  name: string;
  chosenBay: string | null;
  /** A bay of the page was pressed; null beside all bays. */
  onPress(bayId: string | null): void;
  /** Told of the document when it is there, and null when it goes. */
  onDocument(document: Document | null): void;
}

/** What the frame adds to the page: the mark of the chosen bay; nothing that a shopper sees. */
const markCss = (bayId: string | null, scale: number) =>
  bayId === null
    ? ''
    : `[data-bay="${bayId}"]{outline:${2 / scale}px solid ${t.pine};outline-offset:-${2 / scale}px}`;

/**
 * A page at its true width, drawn from the view by the very components of the public page, in a document of
 * its own so that containers, fonts and pictures behave as in public.
 */
export const Frame = memo(function Frame({
  view,
  widthPx,
  heightPx,
  scale,
  name,
  chosenBay,
  onPress,
  onDocument,
}: FrameProps) {
  const ref = useRef<HTMLIFrameElement>(null);
  const [document, setDocument] = useState<Document | null>(null);
  const styles = useRef<{ page: HTMLStyleElement; mark: HTMLStyleElement } | null>(null);
  const css = useMemo(() => pageCss(view), [view]);

  const opened = () => {
    const inner = ref.current?.contentDocument;
    if (!inner || inner.URL === 'about:blank') return;
    const add = (text: string) => {
      const style = inner.createElement('style');
      style.textContent = text;
      inner.head.append(style);
      return style;
    };
    // Bars would take width from the page, which is to be exactly as wide as the tape says.
    add(`${fontCss('swap')}${baseCss}html{scrollbar-width:none}`);
    styles.current = { page: add(''), mark: add('') };
    setDocument(inner);
    onDocument(inner);
  };
  // The document may be there before React listens for it.
  useEffect(() => {
    if (ref.current?.contentDocument?.readyState === 'complete') opened();
    return () => onDocument(null);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useLayoutEffect(() => {
    if (document && styles.current) styles.current.page.textContent = css;
  }, [document, css]);
  useLayoutEffect(() => {
    if (document && styles.current) styles.current.mark.textContent = markCss(chosenBay, scale);
  }, [document, chosenBay, scale]);
  useEffect(() => {
    if (!document) return undefined;
    const press = (event: MouseEvent) => {
      // Links of the page lead nowhere from here: the page is being arranged, not visited.
      event.preventDefault();
      onPress((event.target as Element).closest('[data-bay]')?.getAttribute('data-bay') ?? null);
    };
    document.addEventListener('click', press, true);
    return () => document.removeEventListener('click', press, true);
  }, [document, onPress]);

  return (
    <Holder style={{ width: widthPx * scale, height: heightPx }}>
      <iframe
        ref={ref}
        src="/studio/frame"
        title={name}
        tabIndex={-1}
        onLoad={() => document ?? opened()}
        style={{ width: widthPx, height: heightPx / scale, transform: `scale(${scale})` }}
      />
      {document && createPortal(<Page view={view} />, document.body)}
    </Holder>
  );
});
