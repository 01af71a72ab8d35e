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

const messageOf = (error: unknown): { path: string; message: string } => {
  if (!(error instanceof ValidationError)) throw error;
  return { path: error.path ?? '', message: error.message };
};

/**
 * Values that a schema has taken before, as they are or as JSON. Stores say the same few values in hundreds of places
 * and are read again and again, and a schema takes its time over each.
 */
const taken = new WeakMap<object, Set<unknown>>();
const MOST_TAKEN = 2_000;
const LONGEST_TAKEN = 1_000;

/** What a value is remembered by; undefined for one that is too long for that. */
function keyOf(value: unknown): unknown {
  if (typeof value === 'string') return value.length <= LONGEST_TAKEN ? `"${value}` : undefined;
  if (typeof value !== 'object' || value === null) return value;
  const text = JSON.stringify(value);
  return text.length <= LONGEST_TAKEN ? text : undefined;
}

function checkValue(setting: Setting<unknown>, value: unknown, path: string): DocumentFault | null {
  const { schema } = setting.kind;
  const key = keyOf(value);
  const before = taken.get(schema);
  if (key !== undefined && before?.has(key)) return null;
  try {
    schema.validateSync(value, { strict: true });
    if (key !== undefined && !before) taken.set(schema, new Set([key]));
    else if (key !== undefined && before!.size < MOST_TAKEN) before!.add(key);
    return null;
  } catch (error) {
    const { path: within, message } = messageOf(error);
    return { path: within ? `${path}.${within}` : path, setting: setting.name, message };
  }
}

function checkVarying(setting: Setting<unknown>, value: unknown, path: string): DocumentFault | null {
  const values = asObject(value);
  const fault = (message: string): DocumentFault => ({ path, setting: setting.name, message });
  if (!values) return fault('This holds a value for each width.');
  const keys = Object.keys(values);
  if (keys.length === 0) return fault('A value that varies by width needs at least one.');
  if (keys.length > MOST_KEYS || !keys.every((key) => KEY.test(key)))
    return fault('These are not the widths of a store.');
  for (const key of keys) {
    const found = checkValue(setting, values[key], `${path}.${key}`);
    if (found) return found;
  }
  return null;
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
  under = '',
): DocumentFault | null {
  const values = asObject(document);
  if (!values) return { path: under, setting: groupName(tree), message: 'This has to be a group of values.' };
  for (const key of Object.keys(values)) {
    if (besides.includes(key)) continue;
    const path = under ? `${under}.${key}` : key;
    const node = Object.hasOwn(tree, key) ? tree[key] : undefined;
    if (!node) return { path, setting: null, message: `There is no setting "${key}".` };
    const check = isSetting(node) ? (node.varies ? checkVarying : checkValue) : null;
    const fault = check
      ? check(node as Setting<unknown>, values[key], path)
      : checkTree(node as Tree, values[key], [], path);
    if (fault) return fault;
  }
  return null;
}
