import { createStore } from 'zustand';
import { styleElement } from '../../core/style/elements/index.ts';
import { elementOfSetting } from '../../core/style/styleTree.ts';
import { columnOfSetting } from '../../core/table/tableColumn.ts';

/** The setting whose control has the keyboard; null where none has. */
export const settingAt = createStore<{ id: string | null }>(() => ({ id: null }));

/** What of a bay is drawn for some settings, as a selector: it may be far below where the bay begins. */
const PARTS: readonly [RegExp, string][] = [[/^paging\./, '.pagers']];

export const partFor = (setting: string | null): string | null =>
  (setting && PARTS.find(([ids]) => ids.test(setting))?.[1]) ?? null;

/** What is marked where it is drawn; nothing moves for it. */
export interface Marked {
  selector: string;
  /** It goes on below, so that it is marked at its sides alone. */
  goesOn: boolean;
}

/** The part of cards or the column that is being set. */
export function markedFor(setting: string | null): Marked | null {
  const column = columnOfSetting(setting);
  if (column !== null) return { selector: `.col-${column}`, goesOn: true };
  const element = elementOfSetting(setting);
  if (element !== null) return { selector: `:is(${styleElement(element).selectors.join()})`, goesOn: false };
  const part = /^card\.parts\.([\w-]+)\./.exec(setting ?? '')?.[1];
  return part === undefined ? null : { selector: `.part-${part}`, goesOn: false };
}

/** Told of where the keyboard is within the spec. */
export function followFocus(target: EventTarget | null): void {
  const box = target instanceof Element ? target.closest<HTMLElement>('[data-setting],[data-sets]') : null;
  settingAt.setState({ id: box?.dataset.sets ?? box?.dataset.setting ?? null });
}
