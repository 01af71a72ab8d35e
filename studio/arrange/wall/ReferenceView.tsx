import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import type { Reference } from './reference.ts';

const Beside = styled.div`
  overflow: hidden auto;
  scrollbar-width: none;
  background: #fff;
  img {
    display: block;
    width: 100%;
  }
  &:focus-visible {
    outline: 3px solid currentColor;
  }
`;

const Over = styled.div`
  position: absolute;
  inset: 0;
  overflow: hidden;
  pointer-events: none;
  img {
    display: block;
    width: 100%;
    position: absolute;
    inset: 0 0 auto;
  }
`;

/** What scrolls a page in a frame. */
const scrollerOf = (page: Document): Element => page.scrollingElement ?? page.documentElement;

/** Tells how far down a page is, px of it, at once and whenever that changes. */
function useScrolled(page: Document | null, tell: (downPx: number) => void): void {
  const told = useRef(tell);
  useEffect(() => {
    told.current = tell;
  });
  useEffect(() => {
    if (!page) return undefined;
    const scrolled = () => told.current(scrollerOf(page).scrollTop);
    scrolled();
    page.addEventListener('scroll', scrolled, { passive: true });
    return () => page.removeEventListener('scroll', scrolled);
  }, [page]);
}

export interface ReferenceViewProps {
  picture: Reference;
  /** The page that it is compared with, once that is drawn. */
  page: Document | null;
  /** True width of the page, px; the picture is drawn as wide. */
  widthPx: number;
  heightPx: number;
  scale: number;
}

/** A picture beside the page, scrolled with it. */
export function ReferenceBeside({ picture, page, widthPx, heightPx, scale }: ReferenceViewProps) {
  const ref = useRef<HTMLDivElement>(null);
  /** Where the page has put it, which a picture that is shorter than the page cannot follow all the way. */
  const put = useRef(0);
  useScrolled(page, (downPx) => {
    ref.current!.scrollTop = downPx * scale;
    put.current = ref.current!.scrollTop;
  });
  return (
    <div>
      <h3>{picture.name}</h3>
      <Beside
        ref={ref}
        tabIndex={0}
        role="group"
        aria-label="Picture to compare with"
        style={{ width: widthPx * scale, height: heightPx }}
        onScroll={({ currentTarget }) => {
          const scroller = page && scrollerOf(page);
          // Whoever scrolls the picture scrolls the page; what the page did itself is not sent back to it.
          if (scroller && Math.abs(put.current - currentTarget.scrollTop) > 1)
            scroller.scrollTo({ top: currentTarget.scrollTop / scale });
        }}
      >
        <img src={picture.url} alt={picture.name} />
      </Beside>
    </div>
  );
}

export interface Laid {
  /** How much of the page it hides, percent. */
  opacity: number;
  /** How far down it is moved, px of the page. */
  downPx: number;
  /** Where both are the same it is black. */
  differences: boolean;
}

/** A picture laid over the page, moved with it. */
export function ReferenceOver({
  picture,
  page,
  scale,
  laid: { opacity, downPx, differences },
}: Pick<ReferenceViewProps, 'picture' | 'page' | 'scale'> & { laid: Laid }) {
  const ref = useRef<HTMLImageElement>(null);
  const place = (scrolledPx: number) => {
    ref.current!.style.translate = `0 ${(downPx - scrolledPx) * scale}px`;
  };
  useScrolled(page, place);
  useEffect(() => place(page ? scrollerOf(page).scrollTop : 0));
  return (
    <Over style={differences ? { mixBlendMode: 'difference' } : { opacity: opacity / 100 }}>
      <img ref={ref} src={picture.url} alt="" />
    </Over>
  );
}
