import { createStore } from 'zustand';

/** The setting whose control has the keyboard; null where none has. */
export const settingAt = createStore<{ id: string | null }>(() => ({ id: null }));

/** What of a bay is drawn for some settings, as a selector: it may be far below where the bay begins. */
const PARTS: readonly [RegExp, (id: string) => string][] = [
  [/^paging\./, () => '.pagers'],
  [/^card\.parts\.([\w-]+)\./, (part) => `.part-${part}`],
];

export function partFor(setting: string | null): string | null {
  for (const [ids, selector] of PARTS) {
    const found = ids.exec(setting ?? '');
    if (found) return selector(found[1] ?? '');
  }
  return null;
}

/** Told of where the keyboard is within the spec. */
export function followFocus(target: EventTarget | null): void {
  const box = target instanceof Element ? target.closest('[data-setting]') : null;
  settingAt.setState({ id: box?.getAttribute('data-setting') ?? null });
}
