/** Items `[start, end)` of a list. */
export interface Span {
  start: number;
  end: number;
}

/** The page of `size` items that an address beginning at `from` shows (calculations §4); `end` may pass the list's. */
export function pageAt(size: number, from: number): Span {
  const start = Math.floor(from / size) * size;
  return { start, end: start + size };
}

/** The least span that holds all of these. */
export function union(spans: readonly Span[]): Span {
  return {
    start: Math.min(...spans.map((span) => span.start)),
    end: Math.max(...spans.map((span) => span.end)),
  };
}

export interface PageLink {
  page: number;
  /** First item of the page. */
  from: number;
  current: boolean;
}

export interface Pager {
  size: number;
  pages: number;
  /** 0-based. */
  current: number;
  previous: number | null;
  next: number | null;
  /** First, last, and those near the current one; null stands for pages passed over. */
  links: (PageLink | null)[];
}

/** Links of a list of `total` items in pages of `size`, at the page that `from` falls on. */
export function pager(size: number, total: number, from: number): Pager {
  const pages = Math.max(1, Math.ceil(total / size));
  const current = Math.min(pages - 1, Math.floor(from / size));
  const near = new Set([0, pages - 1, current - 1, current, current + 1]);
  const links: (PageLink | null)[] = [];
  for (let page = 0; page < pages; page += 1) {
    const single = !near.has(page) && near.has(page - 1) && near.has(page + 1);
    if (near.has(page) || single) links.push({ page, from: page * size, current: page === current });
    else if (links.at(-1) !== null) links.push(null);
  }
  return {
    size,
    pages,
    current,
    previous: current > 0 ? (current - 1) * size : null,
    next: current < pages - 1 ? (current + 1) * size : null,
    links,
  };
}

/** Largest offset that is read from an address. */
const MOST_FROM = 10_000_000;

/**
 * The offset an address asks for. Anything but a plain whole number counts as the beginning; what is given
 * twice counts as given first.
 */
export function readFrom(given: string | readonly string[] | undefined): number {
  const text = Array.isArray(given) ? (given as readonly string[])[0] : (given as string | undefined);
  if (text === undefined || !/^\d{1,9}$/.test(text)) return 0;
  return Math.min(Number(text), MOST_FROM);
}
