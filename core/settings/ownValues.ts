import type { Varying } from '../bands/varying.ts';
import { inherited, type Around } from './complete.ts';
import type { Setting } from './setting.ts';

type Values = Readonly<Record<string, unknown>>;

/** The own values with which a value that varies is `wanted` at every band; those kept stay one's own. */
export function ownFor(
  setting: Setting<unknown>,
  wanted: (bandId: string) => unknown,
  kept: ReadonlySet<string>,
  around: Around,
): Values {
  const over = inherited(setting, around) as Varying<unknown>;
  const values: Record<string, unknown> = {};
  let own = false;
  let at: unknown;
  for (const { id } of around.bands) {
    if (!own && Object.hasOwn(over, id)) at = over[id];
    const value = wanted(id);
    if (!kept.has(id) && value === at) continue;
    values[id] = value;
    own = true;
    at = value;
  }
  return values;
}

/**
 * The own values once one is set at a band, or reset there (`undefined`). A new one holds upwards as far as nothing
 * else is said: where what is inherited changes further up, it goes on to hold from there.
 */
export function withOwn(
  setting: Setting<unknown>,
  values: Values,
  bandId: string,
  value: unknown,
  around: Around,
): Values {
  const { bands } = around;
  const next: Record<string, unknown> = { ...values };
  if (value === undefined) {
    delete next[bandId];
    return next;
  }
  next[bandId] = value;
  const at = bands.findIndex(({ id }) => id === bandId);
  if (bands.slice(0, at).some(({ id }) => Object.hasOwn(values, id))) return next;
  const over = inherited(setting, around) as Varying<unknown>;
  for (const { id } of bands.slice(at + 1)) {
    if (Object.hasOwn(values, id)) break;
    if (Object.hasOwn(over, id)) next[id] = over[id];
  }
  return next;
}
