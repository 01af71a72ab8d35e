import { objectAt, type Old, type UpgradeStep } from './step.ts';

/** An object with all but some of its keys. */
const without = (old: Old, keys: readonly string[]): Old =>
  Object.fromEntries(Object.entries(old).filter(([key]) => !keys.includes(key)));

/** Only what is set. */
const set = (values: Old): Old =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== null && value !== undefined));

/** An element in its states, without those in which nothing is set; null where nothing is set at all. */
const element = (states: Record<string, Old>): Old | null => {
  const used = Object.entries(states).filter(([, values]) => Object.keys(values).length > 0);
  return used.length > 0 ? Object.fromEntries(used) : null;
};

/** Colours and borders of arrows and markers came to be styles, as those of everything else. */
export const toMovingStyle: UpgradeStep = {
  to: 6,
  shelf: (old) => {
    if (!Object.hasOwn(old, 'moving')) return old;
    const moving = objectAt(old.moving);
    const [arrow, mark] = [objectAt(moving.arrowLook), objectAt(moving.markLook)];
    const style = set({
      arrow: element({
        rest: set({
          textColour: arrow.ink,
          background: arrow.background,
          ...(arrow.edge === true && { borderWidth: 2, borderColour: arrow.ink ?? 'text' }),
        }),
      }),
      markerDot: element({
        rest: set({ borderColour: mark.ink, background: mark.ink }),
        current: set({ borderColour: mark.current, background: mark.current }),
      }),
      markerBar: element({ rest: set({ background: mark.ink }), current: set({ background: mark.current }) }),
      marker: element({ rest: set({ textColour: mark.current }) }),
    });
    const looks = set({
      arrowLook:
        arrow === moving.arrowLook ? without(arrow, ['ink', 'background', 'edge']) : moving.arrowLook,
      markLook: mark === moving.markLook ? without(mark, ['ink', 'current']) : moving.markLook,
    });
    const kept = without(moving, ['arrowLook', 'markLook']);
    for (const [key, value] of Object.entries(looks))
      if (typeof value !== 'object' || value === null || Object.keys(value).length > 0) kept[key] = value;
    const whole = typeof old.moving === 'object' && old.moving !== null ? kept : old.moving;
    const isEmpty = whole === kept && Object.keys(kept).length === 0;
    return {
      ...(isEmpty ? without(old, ['moving']) : { ...old, moving: whole }),
      ...(Object.keys(style).length > 0 && { style: { ...objectAt(old.style), ...style } }),
    };
  },
};
