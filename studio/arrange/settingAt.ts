import { createStore } from 'zustand';

/** The setting whose control has the keyboard; null where none has. */
export const settingAt = createStore<{ id: string | null }>(() => ({ id: null }));

/** What of a bay is drawn for some settings, as a selector: it may be far below where the bay begins. */
const PARTS: readonly [RegExp, string][] = [[/^paging\./, '.pagers']];

export const partFor = (setting: string | null): string | null =>
  (setting && PARTS.find(([ids]) => ids.test(setting))?.[1]) ?? null;

/** Told of where the keyboard is within the spec. */
export function followFocus(target: EventTarget | null): void {
  const box = target instanceof Element ? target.closest('[data-setting]') : null;
  settingAt.setState({ id: box?.getAttribute('data-setting') ?? null });
}
