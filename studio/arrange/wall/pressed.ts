import { partKinds } from '../../../core/card/parts/index.ts';
import { elements } from '../../../core/style/elements/index.ts';
import { COLUMNS_SETTING, columnSetting } from '../../../core/table/tableColumn.ts';
import type { PlacedSetting } from '../../../core/settings/setting.ts';

const COLUMN_CLASS = 'col-';

/** What of a page is set by which settings: the nearest that was pressed opens the first of them there is. */
const PARTS: readonly {
  selector: string;
  settings: readonly string[];
  /** What of the setting is gone to, where that holds several. */
  of?(element: Element): string | null;
}[] = [
  ...partKinds.map(({ id }) => ({
    // A row of a table has its parts in columns.
    selector: `.part-${id}:not(.sheet *)`,
    settings: [`card.parts.${id}.`, 'card.order'],
  })),
  {
    selector: '.col',
    settings: [COLUMNS_SETTING],
    of: ({ classList }) => {
      const own = [...classList].find((one) => one.startsWith(COLUMN_CLASS));
      return own === undefined ? null : columnSetting(own.slice(COLUMN_CLASS.length));
    },
  },
  { selector: '.sheet caption', settings: ['layoutOwn.table.caption'] },
  { selector: '.sheet-bar', settings: ['layoutOwn.table.addAll'] },
  { selector: '.label', settings: ['card.labels.'] },
  { selector: '.bay-heading', settings: ['heading.words'] },
  { selector: '.tab', settings: ['tabs'] },
  { selector: '.tab-strip', settings: ['marker'] },
  { selector: '.pagers', settings: ['paging.'] },
  { selector: '.arrow', settings: ['moving.arrowPlace', 'moving.arrows'] },
  { selector: '.marks', settings: ['moving.marks'] },
  { selector: '.banner :is(h1,h2)', settings: ['title', 'banners'] },
  { selector: '.banner p', settings: ['words', 'banners'] },
  { selector: '.banner .button', settings: ['button', 'banners'] },
  { selector: '.banner>img', settings: ['pictureId', 'banners'] },
  { selector: '.notice', settings: ['words'] },
];

/** A point is within a rectangle. */
export const isIn = ({ left, right, top, bottom }: DOMRect, x: number, y: number): boolean =>
  left <= x && x <= right && top <= y && y <= bottom;

/** What is seen at a point where an element is: the link of a card covers the card without being seen. */
export function seenAt(element: Element, x: number, y: number): Element {
  if ([...element.getClientRects()].some((rect) => isIn(rect, x, y))) return element;
  const under = element.ownerDocument.elementsFromPoint(x, y);
  return under.find((one) => one !== element) ?? element;
}

/** What somebody pressed; by keys nothing in particular, but what has the focus. */
export const elementPressed = ({ target, clientX, clientY, detail }: MouseEvent): Element =>
  detail === 0 ? (target as Element) : seenAt(target as Element, clientX, clientY);

/** The line of the spec on which elements are styled. */
const LOOK_LINE = 'look';

/** The first setting of the style of what was pressed: of what is in one another the innermost. */
export function stylePressed<S extends Pick<PlacedSetting, 'id'>>(
  target: Element,
  settings: readonly S[],
): S | null {
  const near = elements.flatMap(({ id, selectors, pseudo, states }) => {
    if (pseudo && !states.includes('pressed')) return [];
    const element = target.closest(selectors.join());
    const setting = element && settings.find((one) => one.id.startsWith(`style.${id}.`));
    return setting ? [{ element, setting }] : [];
  });
  // What takes from another comes after it, and is meant where both are the same.
  return (
    near.reduce<(typeof near)[number] | null>(
      (inner, one) => (inner && !inner.element.contains(one.element) ? inner : one),
      null,
    )?.setting ?? null
  );
}

/** Where to go: a line, and a setting on it or one of what that holds. */
export interface GoneTo {
  line: string;
  id: string;
}

/**
 * The setting that draws what was pressed; null where that is nothing in particular.
 * @param line that is open: while looks are set, what is pressed is styled
 */
export function settingPressed(
  target: Element,
  settings: readonly Pick<PlacedSetting, 'id' | 'line'>[],
  line: string | null = null,
): GoneTo | null {
  if (line === LOOK_LINE) {
    const styled = stylePressed(target, settings);
    if (styled) return styled;
  }
  const near = PARTS.flatMap((part) => {
    const element = target.closest(part.selector);
    return element ? [{ ...part, element }] : [];
  });
  // Of what is in one another the innermost.
  const [inner] = near.sort((a, b) => (a.element.contains(b.element) ? 1 : -1));
  for (const id of inner?.settings ?? []) {
    // What is shown and what is not is set together with the order of the parts.
    const found = settings.find(
      (one) =>
        (one.id === id || (id.endsWith('.') && one.id.startsWith(id))) && !/\.parts\..*\.shown$/.test(one.id),
    );
    if (found) return { line: found.line, id: inner!.of?.(inner!.element) ?? found.id };
  }
  return null;
}
