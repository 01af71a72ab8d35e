import type { Bands } from '../../bands/bands.ts';
import type { Command } from '../../plan/commands.ts';
import { ValidationError } from '../../schema/schema.ts';
import { elements } from '../elements/index.ts';
import { HOUSE_COLOUR_IDS } from '../houseColour.ts';
import { properties, type PropertyId } from '../properties/index.ts';
import { isStateId, type StateId } from '../states.ts';
import { takenIn } from '../styleTree.ts';
import { isStep, scaleSettings } from '../scale.ts';
import {
  colourPath,
  houseColourNamed,
  SCALE,
  tokenKinds,
  tokenTypeOf,
  type TokenType,
} from './tokenKinds.ts';
import { ELEMENTS, EXTENSION } from './writeTokens.ts';

/** The most that a file may be, bytes, and how deep its groups may go. */
export const LARGEST_TOKENS = 1_000_000;
const DEEPEST = 24;

/** What was read of a file of tokens. */
export interface ReadTokens {
  /** Sets all that was understood, as one step. */
  command: Command;
  understood: number;
  /** What was not, and why, in the order of the file. */
  not: readonly { path: string; why: string }[];
}

/** A file that is none of tokens at all; its message is a sentence for the owner. */
export class NoTokens extends Error {}

type Loose = Readonly<Record<string, unknown>>;
const asObject = (value: unknown): Loose | null =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : null;

interface Token {
  type: unknown;
  value: unknown;
  own: Loose;
}

function parsed(text: string): Loose {
  if (text.length > LARGEST_TOKENS) throw new NoTokens('This file is larger than 1 MB. Export less of it.');
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch {
    throw new NoTokens('This file is not JSON. Design tokens are kept as JSON.');
  }
  const root = asObject(file);
  if (!root)
    throw new NoTokens('This file holds no group of tokens. Its outermost value has to be an object.');
  return root;
}

const ownOf = (group: Loose): Loose => asObject(asObject(group.$extensions)?.[EXTENSION]) ?? {};

/** All tokens of a file by their path, in its order; the type of a group is that of the tokens in it. */
function tokensOf(root: Loose): Map<string, Token> {
  const tokens = new Map<string, Token>();
  const walk = (group: Loose, path: string, type: unknown, depth: number): void => {
    if (depth > DEEPEST) throw new NoTokens(`Groups of this file are more than ${DEEPEST} deep.`);
    const ofGroup = group.$type ?? type;
    if ('$value' in group) {
      tokens.set(path, { type: ofGroup, value: group.$value, own: ownOf(group) });
      return;
    }
    for (const [key, child] of Object.entries(group)) {
      const next = asObject(child);
      if (!key.startsWith('$') && next) walk(next, path ? `${path}.${key}` : key, ofGroup, depth + 1);
    }
  };
  walk(root, '', undefined, 0);
  return tokens;
}

const ALIAS = /^\{([^{}]+)\}$/;
const aliasOf = (value: unknown): string | undefined =>
  typeof value === 'string' ? ALIAS.exec(value)?.[1] : undefined;

/** Why a value cannot be used. */
class Unread extends Error {}

/** A value and its type with all names followed. */
function followed(
  token: Pick<Token, 'type' | 'value'>,
  tokens: ReadonlyMap<string, Token>,
): Pick<Token, 'type' | 'value'> {
  const met = new Set<string>();
  let at = token;
  for (let name = aliasOf(at.value); name !== undefined; name = aliasOf(at.value)) {
    if (met.has(name)) throw new Unread('It is named after itself, round in a circle.');
    met.add(name);
    const next = tokens.get(name);
    if (!next) throw new Unread(`It is named after "${name}", which is not in the file.`);
    at = { type: at.type ?? next.type, value: next.value };
  }
  return at;
}

function readAs(type: TokenType, value: unknown): unknown {
  const read = tokenKinds[type].read(value);
  if (read !== undefined) return read;
  throw new Unread(
    {
      color: 'This is no colour that can be read, or one that is seen through.',
      dimension: 'This is no length in px or rem.',
      duration: 'This is no time in ms or s.',
      number: 'This is no number.',
      fontFamily: 'None of these typefaces is shipped here.',
      fontWeight: 'This is no weight.',
    }[type],
  );
}

/** A value of a property as a style keeps it. */
function valueOf(property: PropertyId, value: unknown, tokens: ReadonlyMap<string, Token>): unknown {
  const type = tokenTypeOf(property);
  const { schema } = properties[property].kind;
  // What is named after a colour or a step of the house follows it.
  const follows = HOUSE_COLOUR_IDS.find((id) => aliasOf(value) === colourPath(id));
  const step = aliasOf(value)?.startsWith(`${SCALE}.`) ? aliasOf(value)!.slice(SCALE.length + 1) : undefined;
  const named = follows ?? (isStep(step) ? step : undefined);
  const read = type === null ? value : (named ?? readAs(type, followed({ type, value }, tokens).value));
  try {
    schema.validateSync(read, { strict: true });
  } catch (error) {
    if (error instanceof ValidationError) throw new Unread(error.message);
    throw error;
  }
  return read;
}

/** All that is set of a property by a token, at each width that the store has. */
function styleValue(
  property: PropertyId,
  { value, own }: Omit<Token, 'type'>,
  tokens: ReadonlyMap<string, Token>,
  bands: Bands,
): unknown {
  const first = valueOf(property, value, tokens);
  if (!properties[property].varies) return first;
  const wider = Object.entries(asObject(own.widths) ?? {});
  const known = (id: unknown): id is string => bands.some((band) => band.id === id);
  return Object.fromEntries([
    [known(own.from) ? own.from : bands[0]!.id, first],
    ...wider.flatMap(([id, at]) =>
      known(id) ? [[id, at === null ? null : valueOf(property, at, tokens)] as const] : [],
    ),
  ]);
}

/** Names that others give to what is set in a typeface. */
const FAMILIES: Readonly<Record<string, readonly string[]>> = {
  body: ['page'],
  text: ['page'],
  base: ['page'],
  heading: ['heading', 'bannerTitle'],
  display: ['heading', 'bannerTitle'],
  title: ['title'],
};

/**
 * Reads a file of Design Tokens (W3C community group format, 2025.10, and what drafts before it wrote otherwise) as
 * far as a house has a place for what it says: colours by their names, typefaces, and elements as `writeTokens` writes
 * them. Nothing is fetched.
 * @throws NoTokens when it is no such file
 */
export function readTokens(text: string, bands: Bands): ReadTokens {
  const root = parsed(text);
  const tokens = tokensOf(root);
  const sets = new Map<string, unknown>();
  const not: { path: string; why: string }[] = [];
  const take = (path: string, read: () => void): void => {
    try {
      read();
    } catch (error) {
      if (!(error instanceof Unread)) throw error;
      not.push({ path, why: error.message });
    }
  };
  const setOf = (id: string, state: StateId, property: string): string => {
    const element = elements.find((one) => one.id === id);
    if (!element) throw new Unread(`There is no element "${id}".`);
    if (!element.states.includes(state) || !takenIn(element, state).some((one) => one === property))
      throw new Unread(
        `"${property}" is not set of ${element.name}${state === 'rest' ? '' : ' in that state'}.`,
      );
    return `style.${id}.${state}.${property}`;
  };
  const scale = ownOf(asObject(root[SCALE]) ?? {});
  const hasScale = Object.keys(scale).length > 0;
  for (const [key, value] of Object.entries(scale))
    take(`${SCALE} ${key}`, () => {
      const setting = Object.hasOwn(scaleSettings, key)
        ? scaleSettings[key as keyof typeof scaleSettings]
        : undefined;
      if (!setting) throw new Unread('Nothing here goes by that name.');
      if (value === null) {
        sets.set(`scale.${key}`, undefined);
        return;
      }
      const widths = Object.entries(asObject(value) ?? {}).filter(([id]) =>
        bands.some((band) => band.id === id),
      );
      if (widths.length === 0 || !widths.every(([, at]) => setting.kind.schema.isValidSync(at)))
        throw new Unread('This is no number that sizes or spaces can be made from.');
      sets.set(`scale.${key}`, { [bands[0]!.id]: widths[0]![1], ...Object.fromEntries(widths) });
    });
  for (const [path, token] of tokens)
    take(path, () => {
      const parts = path.split('.');
      // What these come to follows from what they are made from.
      if (hasScale && parts[0] === SCALE && isStep(parts[1])) return;
      const name = parts.at(-1)!;
      if (parts[0] === ELEMENTS && parts.length === 3) {
        const setting = setOf(parts[1]!, 'rest', name);
        sets.set(setting, styleValue(name as PropertyId, token, tokens, bands));
        return;
      }
      const { type, value } = followed(token, tokens);
      const colour = type === 'color' ? houseColourNamed(name) : undefined;
      if (colour) {
        sets.set(`colours.${colour}`, readAs('color', value));
        return;
      }
      const among =
        type === 'fontFamily' && Object.hasOwn(FAMILIES, name.toLowerCase())
          ? FAMILIES[name.toLowerCase()]!
          : [];
      if (among.length === 0) throw new Unread('Nothing here goes by that name.');
      const family = readAs('fontFamily', value);
      for (const id of among) sets.set(`style.${id}.rest.family`, family);
    });
  for (const [id, group] of Object.entries(asObject(root[ELEMENTS]) ?? {}))
    for (const [state, values] of Object.entries(asObject(ownOf(asObject(group) ?? {}).states) ?? {}))
      for (const [property, one] of Object.entries(asObject(values) ?? {}))
        take(`${ELEMENTS}.${id} ${state}.${property}`, () => {
          if (!isStateId(state)) throw new Unread(`There is no state "${state}".`);
          const setting = setOf(id, state, property);
          const token = asObject(one);
          if (!token || !('$value' in token)) throw new Unread('It has no value.');
          sets.set(
            setting,
            styleValue(property as PropertyId, { value: token.$value, own: ownOf(token) }, tokens, bands),
          );
        });
  return {
    command: {
      do: 'together',
      commands: [...sets].map(([setting, value]) => ({ do: 'set', on: { house: true }, setting, value })),
    },
    understood: sets.size,
    not,
  };
}
