import type { Bands } from '../bands/bands.ts';
import type { Varying } from '../bands/varying.ts';
import { readPath } from './path.ts';
import { isSetting, type Complete, type Default, type Setting, type Tree } from './setting.ts';

/** What a document is completed with. */
export interface Around {
  bands: Bands;
  /** The complete house, which some settings are inherited from. */
  house: object;
}

type Loose = Readonly<Record<string, unknown>>;

const isLoose = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The default of a setting at a width, px. */
function defaultAt(byDefault: Exclude<Default<unknown>, { is: 'house' }>, widthPx: number): unknown {
  if (byDefault.is === 'value') return byDefault.value;
  return byDefault.from.findLast(([from]) => from <= widthPx)![1];
}

const knownDefaults = new WeakMap<Bands, WeakMap<Setting<unknown>, Varying<unknown>>>();

/** The value without one set here: of the house, or the default, at each band at which it differs from the narrower. */
export function inherited(setting: Setting<unknown>, { bands, house }: Around): unknown {
  const { byDefault, varies } = setting;
  if (byDefault.is === 'house') return readPath(house, byDefault.setting);
  if (!varies) return defaultAt(byDefault, 0);
  let known = knownDefaults.get(bands);
  if (!known) knownDefaults.set(bands, (known = new WeakMap()));
  let found = known.get(setting);
  if (!found) {
    const values: Record<string, unknown> = {};
    let before: unknown;
    bands.forEach((band, i) => {
      const value = defaultAt(byDefault, band.from);
      if (i === 0 || value !== before) values[band.id] = value;
      before = value;
    });
    known.set(setting, (found = values));
  }
  return found;
}

/**
 * A value that varies, with one at each band at which it differs from the narrower: one's own holds from its band
 * up to the next of one's own, and what is inherited below the first of them.
 */
export function resolved(ownValues: Loose, over: Varying<unknown>, bands: Bands): Varying<unknown> {
  const values: Record<string, unknown> = {};
  let own = false;
  let at: unknown;
  let before: unknown;
  for (const { id } of bands) {
    if (Object.hasOwn(ownValues, id)) {
      own = true;
      at = ownValues[id];
    } else if (!own && Object.hasOwn(over, id)) at = over[id];
    if (at !== before || id === bands[0]!.id) values[id] = at;
    before = at;
  }
  return values;
}

/**
 * One value, completed.
 * @param over the value without one set here, where it is known already
 */
export function valueOf(
  setting: Setting<unknown>,
  stored: unknown,
  around: Around,
  over = inherited(setting, around),
): unknown {
  if (!setting.varies) {
    if (stored === undefined) return over;
    return setting.settle ? setting.settle(stored as never) : stored;
  }
  return isLoose(stored) ? resolved(stored, over as Varying<unknown>, around.bands) : over;
}

const known = new WeakMap<Tree, boolean>();

/** Whether anything of a tree is inherited from the house. */
function followsHouse(tree: Tree): boolean {
  let follows = known.get(tree);
  if (follows === undefined) {
    follows = Object.values(tree).some((node) =>
      isSetting(node) ? node.byDefault.is === 'house' : followsHouse(node),
    );
    known.set(tree, follows);
  }
  return follows;
}

const untouched = new WeakMap<object, WeakMap<Tree, object>>();

/**
 * A tree of which nothing is set, as almost everything is: the same object for all that have the same around it, or, of
 * what follows nothing of the house, the same bands.
 */
function completeUntouched(tree: Tree, around: Around): object {
  const key = followsHouse(tree) ? around : around.bands;
  let ofAround = untouched.get(key);
  if (!ofAround) untouched.set(key, (ofAround = new WeakMap()));
  let found = ofAround.get(tree);
  if (!found) {
    const values: Record<string, unknown> = {};
    for (const [key, node] of Object.entries(tree))
      values[key] = isSetting(node) ? inherited(node, around) : completeUntouched(node, around);
    ofAround.set(tree, (found = values));
  }
  return found;
}

/**
 * A document with every value of the tree in place, not to be changed; what is not of the tree is left to the caller.
 */
export function complete<T extends Tree>(tree: T, stored: unknown, around: Around): Complete<T> {
  if (stored === undefined) return completeUntouched(tree, around) as Complete<T>;
  const bare = completeUntouched(tree, around) as Loose;
  const values: Record<string, unknown> = { ...bare };
  const given = isLoose(stored) ? stored : {};
  for (const key in given) {
    if (!Object.hasOwn(tree, key)) continue;
    const node = tree[key]!;
    values[key] = isSetting(node)
      ? valueOf(node, given[key], around, bare[key])
      : complete(node, given[key], around);
  }
  return values as Complete<T>;
}
