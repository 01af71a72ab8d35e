import { LARGEST_ID } from '../schema/largestId.ts';

/** One line of a basket as the shopper's browser keeps it: the variant, how many, and what one cost when it was put in. */
export interface BasketLine {
  variantId: number;
  /** 1 to `MOST_OF_ONE`. */
  quantity: number;
  /** Minor units of the store's currency. */
  paid: number;
}

/** What fits in a cookie with room to spare. */
export const MOST_LINES = 60;
export const MOST_OF_ONE = 99;

const LINE = /^([1-9]\d{0,9})\.([1-9]\d?)\.(\d{1,10})$/;
/** Reads a basket from its text, `variant.quantity.paid` joined by hyphens; what is none is passed over, as is a second line of the same. */
export function readBasketLines(text: string | undefined): BasketLine[] {
  const lines = new Map<number, BasketLine>();
  for (const written of (text ?? '').split('-')) {
    const found = LINE.exec(written);
    if (!found || lines.size === MOST_LINES) continue;
    const [variantId, quantity, paid] = found.slice(1).map(Number) as [number, number, number];
    if (variantId <= LARGEST_ID && paid <= LARGEST_ID && !lines.has(variantId))
      lines.set(variantId, { variantId, quantity, paid });
  }
  return [...lines.values()];
}

export const writtenBasketLines = (lines: readonly BasketLine[]): string =>
  lines.map(({ variantId, quantity, paid }) => `${variantId}.${quantity}.${paid}`).join('-');

const withinMost = (quantity: number) => Math.min(MOST_OF_ONE, quantity);

/** Puts more of a variant in; one that is there already keeps its place and takes the newer price. Null where it is full. */
export function withMore(lines: readonly BasketLine[], more: BasketLine): BasketLine[] | null {
  const there = lines.find(({ variantId }) => variantId === more.variantId);
  if (!there)
    return lines.length < MOST_LINES ? [...lines, { ...more, quantity: withinMost(more.quantity) }] : null;
  return lines.map((line) =>
    line === there ? { ...more, quantity: withinMost(line.quantity + more.quantity) } : line,
  );
}

/** Has so many of a variant; none takes its line out. */
export const withQuantity = (
  lines: readonly BasketLine[],
  variantId: number,
  quantity: number,
): BasketLine[] =>
  lines.flatMap((line) =>
    line.variantId !== variantId ? line : quantity > 0 ? { ...line, quantity: withinMost(quantity) } : [],
  );

/** How many things are in it. */
export const countOf = (lines: readonly BasketLine[]): number =>
  lines.reduce((sum, { quantity }) => sum + quantity, 0);
