import { ValidationError } from '../schema/schema.ts';
import { isSetting, type Setting, type Tree } from './setting.ts';

/** Longest id of a band, a part or a label that a value can be kept under, and the most of them. */
const MOST_KEYS = 24;
const KEY = /^[a-zA-Z0-9-]{1,60}$/;

/** What is wrong in a document, and which setting it is in, if it is in one. */
export interface DocumentFault {
  path: string;
  /** Name of the setting as the owner knows it; null outside of any. */
  setting: string | null;
  message: string;
}

type Loose = Readonly<Record<string, unknown>>;

const asObject = (value: unknown): Loose | null =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : null;

/** A path within what is at another. */
const below = (path: string, within: string): string =>
  path && within ? `${path}.${within}` : path || within;

const messageOf = (error: unknown): { path: string; message: string } => {
  if (!(error instanceof ValidationError)) throw error;
  return { path: error.path ?? '', message: error.message };
};

/**
 * Values that a schema has taken before, as they are and, of lists and objects, as JSON. Stores say the same few values
 * in hundreds of places and are read again and again, and a schema takes its time over each.
 */
const taken = new WeakMap<object, { values: Set<unknown>; texts: Set<string> }>();
const MOST_TAKEN = 2_000;
const LONGEST_TAKEN = 1_000;

const isObject = (value: unknown): boolean => typeof value === 'object' && value !== null;

/** What is wrong with one value, at the path of the value or below it. */
function checkValue(setting: Setting<unknown>, value: unknown, path = ''): DocumentFault | null {
  const { schema } = setting.kind;
  let before = taken.get(schema);
  if (!before) taken.set(schema, (before = { values: new Set(), texts: new Set() }));
  const set: Set<unknown> = isObject(value) ? before.texts : before.values;
  const key = isObject(value) ? JSON.stringify(value) : value;
  if (set.has(key)) return null;
  try {
    schema.validateSync(value, { strict: true });
  } catch (error) {
    const { path: within, message } = messageOf(error);
    return { path: below(path, within), setting: setting.name, message };
  }
  const isShort = typeof key !== 'string' || key.length <= LONGEST_TAKEN;
  if (isShort && set.size < MOST_TAKEN) set.add(key);
  return null;
}

const ofAll = ({ name }: Setting<unknown>, message: string): DocumentFault => ({
  path: '',
  setting: name,
  message,
});

function checkVarying(setting: Setting<unknown>, value: unknown): DocumentFault | null {
  const values = asObject(value);
  if (!values) return ofAll(setting, 'This holds a value for each width.');
  let count = 0;
  for (const key in values) {
    count += 1;
    if (count > MOST_KEYS || !KEY.test(key)) return ofAll(setting, 'These are not the widths of a store.');
    const found = checkValue(setting, values[key], key);
    if (found) return found;
  }
  return count === 0 ? ofAll(setting, 'A value that varies by width needs at least one.') : null;
}

/** A group of settings by the first of them; null where there is none. */
function groupName(tree: Tree): string | null {
  for (const node of Object.values(tree)) {
    const name = isSetting(node) ? node.name : groupName(node);
    if (name) return name.endsWith(GOES_WITH) ? name : name + GOES_WITH;
  }
  return null;
}

const GOES_WITH = ' and what goes with it';

/**
 * The first thing in a sparse document that could not be drawn: a value of another kind, or one that nobody knows.
 * @param besides keys that the caller looks at itself
 */
export function checkTree(
  tree: Tree,
  document: unknown,
  besides: readonly string[] = [],
): DocumentFault | null {
  const values = asObject(document);
  if (!values) return { path: '', setting: groupName(tree), message: 'This has to be a group of values.' };
  for (const key of Object.keys(values)) {
    if (besides.includes(key)) continue;
    const node = Object.hasOwn(tree, key) ? tree[key] : undefined;
    if (!node) return { path: key, setting: null, message: `There is no setting "${key}".` };
    const fault = checkNode(node, values[key]);
    if (fault) return { ...fault, path: below(key, fault.path) };
  }
  return null;
}

function checkNode(node: Setting<unknown> | Tree, value: unknown): DocumentFault | null {
  if (!isSetting(node)) return checkTree(node, value);
  return node.varies ? checkVarying(node, value) : checkValue(node, value);
}
