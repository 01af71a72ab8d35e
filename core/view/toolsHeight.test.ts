import { describe, expect, it } from 'vitest';
import { firstBands } from '../plan/firstBands.ts';
import { filtersBeside, TOOLS_PX, toolsHeight } from './toolsHeight.ts';
import type { ToolFilter } from './toolFilter.ts';
import type { ToolsView } from './toolsView.ts';

const everywhere = <T>(value: T) => Object.fromEntries(firstBands.map(({ id }) => [id, value]));
const BAND = firstBands[0]!.id;

const filter = (id: string, more: Partial<ToolFilter> = {}): ToolFilter => ({
  id,
  name: id,
  words: id,
  drawn: 'list',
  values: [],
  span: null,
  chosen: 0,
  ...more,
});

const tools = (more: Partial<ToolsView>): ToolsView => ({
  self: '/shop',
  action: '/shop',
  count: everywhere(false),
  found: '24 products',
  total: 24,
  sort: null,
  search: null,
  views: null,
  density: null,
  filters: [],
  fold: 'Filters',
  stand: everywhere('button'),
  widthPx: everywhere(224),
  gap: everywhere(32),
  most: 8,
  chips: [],
  without: null,
  ...more,
});

const LINE = TOOLS_PX.control + TOOLS_PX.below;
const heightOf = (more: Partial<ToolsView>, innerPx: number) =>
  toolsHeight(tools(more), firstBands, BAND, innerPx);

describe('the height of the tools of a list', () => {
  it('is none without any, and a line of them with the space below', () => {
    expect(heightOf({}, 400)).toBe(0);
    expect(heightOf({ count: everywhere(true) }, 400)).toBe(LINE);
  });

  it('has a line for menus of its own, and more where they are not beside each other', () => {
    const filters = ['Category', 'Price', 'Glaze', 'Maker'].map((id) => filter(id));
    const menus = { filters, stand: everywhere('menus' as const) };
    expect(heightOf(menus, 1_200)).toBe(LINE);
    expect(heightOf({ ...menus, count: everywhere(true) }, 1_200)).toBe(2 * LINE);
    expect(heightOf(menus, 260)).toBeGreaterThan(LINE);
    // How many are chosen stands on a menu.
    const chosen = filters.map((one) => ({ ...one, chosen: 12 }));
    const turns = Array.from({ length: 1_000 }, (_, px) => px).find(
      (px) => heightOf({ ...menus, filters: chosen }, px) === LINE,
    )!;
    expect(heightOf(menus, turns - 40)).toBe(LINE);
    expect(filtersBeside(tools(menus), firstBands, BAND)).toBeNull();
  });

  it('has a switch for how much is seen at once, where that is shown', () => {
    const options = ['Roomy', 'Dense'].map((words) => ({ id: words, words, href: '', chosen: false }));
    const density = { shown: everywhere(true), said: '', options };
    expect(heightOf({ density }, 400)).toBe(LINE);
    expect(heightOf({ density: { ...density, shown: everywhere(false) } }, 400)).toBe(0);
    expect(heightOf({ density, count: everywhere(true) }, 200)).toBe(
      LINE + TOOLS_PX.between + TOOLS_PX.control,
    );
  });
});
