import { createStore } from 'zustand';
import { styleElement } from '../../core/style/elements/index.ts';
import { elementOfSetting } from '../../core/style/styleTree.ts';

/** The setting whose control has the keyboard; null where none has. */
export const settingAt = createStore<{ id: string | null }>(() => ({ id: null }));

/** What of a bay is drawn for some settings, as a selector: it may be far below where the bay begins. */
const PARTS: readonly [RegExp, string][] = [[/^paging\./, '.pagers']];

export const partFor = (setting: string | null): string | null =>
  (setting && PARTS.find(([ids]) => ids.test(setting))?.[1]) ?? null;

/** The part of cards that is being set, as a selector. It is marked where it is; nothing moves for it. */
export function markedFor(setting: string | null): string | null {
  const element = elementOfSetting(setting);
  if (element !== null) return `:is(${styleElement(element).selectors.join()})`;
  const part = /^card\.parts\.([\w-]+)\./.exec(setting ?? '')?.[1];
  return part === undefined ? null : `.part-${part}`;
}

/** Told of where the keyboard is within the spec. */
export function followFocus(target: EventTarget | null): void {
  const box = target instanceof Element ? target.closest('[data-setting]') : null;
  settingAt.setState({ id: box?.getAttribute('data-setting') ?? null });
}
