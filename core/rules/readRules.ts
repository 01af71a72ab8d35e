import type { Atrule, Block, CssNode, Declaration, Rule, Selector, SelectorList } from 'css-tree';
import generate from 'css-tree/generator';
import parse from 'css-tree/parser';
import { scopeOf } from '../css/written.ts';
import {
  AT_RULES,
  FUNCTIONS,
  moves,
  POSITIONS,
  PROPERTIES,
  PSEUDO_CLASSES,
  PSEUDO_ELEMENTS,
  SAID_PLAINLY,
  TAKES_TEXT,
} from './allowed.ts';
import { LONGEST_RULES } from './longest.ts';
import { placesFor, type RulePlace } from './places.ts';

/** Something in own rules that is not used. Lines and columns are counted from 1. */
export interface RuleFault {
  line: number;
  column: number;
  /** Why not, and what to do instead. */
  why: string;
}

export interface OwnRules {
  /** Style sheet text that is safe on any page and reaches nothing outside its scope; empty where there is none. */
  css: string;
  faults: readonly RuleFault[];
}

/** Refuses the smallest thing that can be left out: a declaration, a rule, or a rule with @. */
class Refused extends Error {
  readonly node: CssNode;
  constructor(node: CssNode, why: string) {
    super(why);
    this.node = node;
  }
}

/** Nodes of a value that are what they look like. */
const PLAIN = new Set([
  'Identifier',
  'Hash',
  'Number',
  'Dimension',
  'Percentage',
  'Operator',
  'Parentheses',
  'WhiteSpace',
]);

const NO_ESCAPES = 'A backslash in a name is not taken. Write the name out';
const NO_ADDRESSES = 'Addresses are not taken. Pictures are put in where the studio offers them';
const NOT_READ = 'This cannot be read here. Look for a missing colon, semicolon or bracket';

const childrenOf = (node: CssNode): CssNode[] =>
  'children' in node && node.children ? [...(node.children as Iterable<CssNode>)] : [];

/** Reads own rules of the store, or of one shelf. */
class Reader {
  readonly faults: RuleFault[] = [];
  readonly #places: ReadonlyMap<string, RulePlace>;
  readonly #shelf: string | null;
  /** Movements that the rules name themselves, each with the name that it has on the page. */
  readonly #movements = new Map<string, string>();
  /** What is read is within a rule about the outermost element itself. */
  #isAtEdge = false;

  constructor(shelf: string | null) {
    this.#shelf = shelf;
    this.#places = new Map(placesFor(shelf !== null).map((one) => [one.name, one]));
  }

  fault(node: CssNode, why: string): void {
    const { line = 1, column = 1 } = node.loc?.start ?? {};
    this.faults.push({ line, column, why });
  }

  /** What comes of something, or nothing where it is refused. */
  #orNone(node: CssNode, make: () => string): string {
    try {
      return make();
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      this.fault(error.node.loc ? error.node : node, error.message);
      return '';
    }
  }

  sheet(text: string): string {
    // Of equal length each time: the parser keeps what it noted of the text before, and reads in it at the length of
    // this one, from which it may never come back.
    const padded = text.padEnd(LONGEST_RULES + 1);
    const sheet = parse(padded, { positions: true, parseCustomProperty: true });
    const nodes = childrenOf(sheet);
    for (const node of nodes)
      if (node.type === 'Atrule' && node.name.toLowerCase() === 'keyframes' && node.prelude)
        this.#movements.set(generate(node.prelude), `own${this.#movements.size}-${this.#shelf ?? 'store'}`);
    return nodes
      .map((node) =>
        this.#orNone(node, () => {
          if (node.type === 'Rule') return this.#rule(node, false);
          if (node.type === 'Atrule') return this.#atRule(node, false);
          if (node.type === 'Comment' || node.type === 'WhiteSpace') return '';
          throw new Refused(node, NOT_READ);
        }),
      )
      .join('');
  }

  #rule({ prelude, block }: Rule, nested: boolean): string {
    if (prelude.type !== 'SelectorList') throw new Refused(prelude, NOT_READ);
    const around = this.#isAtEdge;
    try {
      const selectors = this.#selectors(prelude, nested ? 'nested' : 'whole');
      const declared = this.#block(block, true);
      return declared && `${selectors}{${declared}}`;
    } finally {
      this.#isAtEdge = around;
    }
  }

  #atRule({ name, prelude, block, loc }: Atrule, nested: boolean): string {
    const node = { type: 'Atrule', name, prelude, block, loc } as Atrule;
    const known = name.toLowerCase();
    if (!AT_RULES.has(known) || (nested && known === 'keyframes'))
      throw new Refused(
        node,
        `@${name} is not taken ${nested ? 'inside a rule' : 'here'}. @media, @container and @keyframes are`,
      );
    if (!block || !prelude || prelude.type !== 'AtrulePrelude') throw new Refused(node, NOT_READ);
    if (known === 'keyframes') return this.#keyframes(node);
    this.#plain(prelude, 'condition');
    const inner = nested
      ? this.#block(block, true)
      : childrenOf(block)
          .map((one) =>
            this.#orNone(one, () => {
              if (one.type === 'Rule') return this.#rule(one, false);
              if (one.type === 'Atrule') return this.#atRule(one, false);
              if (one.type === 'Comment' || one.type === 'WhiteSpace') return '';
              throw new Refused(one, NOT_READ);
            }),
          )
          .join('');
    return inner && `@${known} ${generate(prelude)}{${inner}}`;
  }

  #keyframes({ prelude, block }: Atrule): string {
    const steps = childrenOf(block!).flatMap((step) => {
      if (step.type === 'Comment' || step.type === 'WhiteSpace') return [];
      if (step.type !== 'Rule') throw new Refused(step, NOT_READ);
      const at = generate(step.prelude);
      if (!/^(from|to|\d+(\.\d+)?%)(,(from|to|\d+(\.\d+)?%))*$/.test(at))
        throw new Refused(step.prelude, 'Steps of a movement are from, to, or percentages');
      return `${at}{${this.#block(step.block, false)}}`;
    });
    return `@keyframes ${this.#movements.get(generate(prelude!))}{${steps.join('')}}`;
  }

  /** Declarations and nested rules of a block. @param over whether they come over all else */
  #block(block: Block, over: boolean): string {
    const still: string[] = [];
    const moving: string[] = [];
    let nested = '';
    for (const node of childrenOf(block)) {
      if (node.type === 'Declaration') {
        const declared = this.#orNone(node, () => this.#declaration(node, over));
        if (declared) (over && moves(node.property.toLowerCase()) ? moving : still).push(declared);
      } else if (over && node.type === 'Rule') nested += this.#orNone(node, () => this.#rule(node, true));
      else if (over && node.type === 'Atrule') nested += this.#orNone(node, () => this.#atRule(node, true));
      else if (node.type !== 'Comment' && node.type !== 'WhiteSpace') {
        const text = node.type === 'Raw' ? node.value.trim() : '';
        this.fault(node, /^[.*:]/.test(text) ? 'Write & before a rule inside a rule: "& .title"' : NOT_READ);
      }
    }
    const after = moving.length ? `@media (prefers-reduced-motion:no-preference){${moving.join(';')}}` : '';
    const first = still.join(';');
    return first + (first && (after || nested) ? ';' : '') + after + nested;
  }

  #declaration(node: Declaration, over: boolean): string {
    const { value } = node;
    const property = node.property.startsWith('--') ? node.property : node.property.toLowerCase();
    const isCustom = property.startsWith('--');
    if (isCustom ? !/^--[\w-]+$/.test(property) : property.includes('\\'))
      throw new Refused(node, NO_ESCAPES);
    if (!isCustom && !PROPERTIES.has(property))
      throw new Refused(node, `"${property}" is not a property that own rules can set`);
    if (!over && moves(property)) throw new Refused(node, 'A movement cannot begin another one');
    if (value.type !== 'Value') throw new Refused(node, NOT_READ);
    const parts = childrenOf(value);
    if (parts.length === 0) throw new Refused(node, `"${property}" has no value`);
    this.#plain(value, property);
    if (property === 'position') {
      const said = generate(value).toLowerCase();
      if (!POSITIONS.has(said))
        throw new Refused(
          node,
          `"position: ${said}" could leave its place on the page. Use relative, absolute or sticky`,
        );
    }
    const named = /^animation(-name)?$/.test(property)
      ? parts
          .map((part) =>
            part.type === 'Identifier' ? (this.#movements.get(part.name) ?? part.name) : generate(part),
          )
          .join(' ')
          .replaceAll(' , ', ',')
      : generate(value);
    return `${property}:${named}${over ? '!important' : ''}`;
  }

  /** Refuses what is not plainly what it looks like in a value or a condition. */
  #plain(node: CssNode, property: string): void {
    for (const one of childrenOf(node)) {
      if (one.type === 'Url') throw new Refused(one, NO_ADDRESSES);
      if (one.type === 'String') {
        if (!TAKES_TEXT.has(property))
          throw new Refused(one, `Text in quotes is not a value of "${property}"`);
      } else if (one.type === 'Function') {
        const name = one.name.toLowerCase();
        if (!FUNCTIONS.has(name)) {
          const why = /url|src|image|element|cross|attr|env|paint/.test(name) ? `. ${NO_ADDRESSES}` : '';
          throw new Refused(one, `"${one.name}()" is not taken${why}`);
        }
        if (name === 'var' && SAID_PLAINLY.has(property))
          throw new Refused(
            one,
            property === 'background'
              ? '"background" with var() could be an address. Use "background-color"'
              : `"${property}" says its value plainly here, without var()`,
          );
        this.#plain(one, property);
      } else if (property === 'condition' ? one.type === 'Raw' : !PLAIN.has(one.type)) {
        throw new Refused(one, NOT_READ);
      } else {
        const { name, unit } = one as { name?: unknown; unit?: unknown };
        if (`${String(name ?? '')}${String(unit ?? '')}`.includes('\\')) throw new Refused(one, NO_ESCAPES);
        this.#plain(one, property);
      }
    }
    if (property === 'condition' && generate(node).includes('\\')) throw new Refused(node, NO_ESCAPES);
  }

  /** @param as whether they stand for themselves, within a rule, or within brackets */
  #selectors(list: SelectorList, as: 'whole' | 'nested' | 'inner'): string {
    return childrenOf(list)
      .map((one) => {
        if (one.type !== 'Selector') throw new Refused(one, NOT_READ);
        return this.#selector(one, as);
      })
      .join();
  }

  #selector(selector: Selector, as: 'whole' | 'nested' | 'inner'): string {
    const nodes = childrenOf(selector);
    const [first] = nodes;
    const within = this.#shelf === null ? '.region' : scopeOf('shelf', this.#shelf);
    const outermost = this.#shelf === null ? 'page' : 'shelf';
    const isOutermost = as === 'whole' && first?.type === 'ClassSelector' && first.name === outermost;
    if (as === 'nested' && first?.type !== 'NestingSelector')
      throw new Refused(selector, 'Write & before a rule inside a rule: "& .title"');
    if (as === 'whole' && first?.type === 'Combinator')
      throw new Refused(first, `Begin with a name, not with "${first.name}"`);
    const leads = nodes.find((one) => one.type === 'Combinator');
    if (isOutermost || (as === 'nested' && this.#isAtEdge)) {
      if (leads && !/^[\s>]+$/.test(leads.name))
        throw new Refused(leads, `What comes beside .${outermost} is not part of it`);
      if (!leads) this.#isAtEdge = true;
    }
    const said = nodes
      .map((node, i) => {
        if (i === 0 && isOutermost) return within;
        if (node.type === 'ClassSelector' && node.name === outermost && this.#shelf !== null)
          throw new Refused(node, `.${outermost} stands first in a selector`);
        if (node.type === 'NestingSelector') {
          if (as !== 'nested' || i > 0) throw new Refused(node, '& stands first, in a rule inside a rule');
          return '&';
        }
        return this.#simple(node);
      })
      .join('');
    return as === 'whole' && !isOutermost ? `${within} ${said}` : said;
  }

  /** One step of a selector: a name, a state, or how two are related. */
  #simple(node: CssNode): string {
    switch (node.type) {
      case 'ClassSelector': {
        const place = this.#places.get(node.name);
        if (!place)
          throw new Refused(
            node,
            `There is no element ".${node.name}" ${this.#shelf === null ? 'on the pages of the store' : 'on a shelf'}. The names that there are are listed`,
          );
        return place.selector;
      }
      case 'TypeSelector':
        if (node.name === '*') return '*';
        throw new Refused(
          node,
          /^(html|body)$/i.test(node.name)
            ? `"${node.name}" is outside what these rules are for${this.#shelf === null ? '. Use .page' : ''}`
            : `"${node.name}" may change with the markup. Use the names of elements, with a dot before them`,
        );
      case 'Combinator':
        if (/^[\s>+~]+$/.test(node.name)) return node.name;
        throw new Refused(node, NOT_READ);
      case 'PseudoElementSelector': {
        const name = node.name.toLowerCase();
        if (!PSEUDO_ELEMENTS.has(name) || node.children)
          throw new Refused(node, `"::${node.name}" is not taken`);
        return `::${name}`;
      }
      case 'PseudoClassSelector': {
        const name = node.name.toLowerCase();
        // As older sheets write them.
        if (PSEUDO_ELEMENTS.has(name) && !node.children) return `::${name}`;
        if (!PSEUDO_CLASSES.has(name)) {
          const why = name === 'root' ? ` It is outside what these rules are for` : '';
          throw new Refused(node, `":${node.name}" is not taken.${why}`.replace(/\.$/, ''));
        }
        if (!node.children) return `:${name}`;
        return `:${name}(${childrenOf(node)
          .map((inner) => this.#argument(inner))
          .join()})`;
      }
      default:
        throw new Refused(node, 'Only names of elements, states and how they are related are taken here');
    }
  }

  #argument(node: CssNode): string {
    if (node.type === 'SelectorList') return this.#selectors(node, 'inner');
    if (node.type === 'Nth')
      return `${generate(node.nth)}${node.selector ? ` of ${this.#selectors(node.selector, 'inner')}` : ''}`;
    if (node.type === 'Identifier' && /^[\w-]+$/.test(node.name)) return node.name;
    throw new Refused(node, NOT_READ);
  }
}

/**
 * Own rules as they are written on a page: in no other scope than the whole store or one shelf, fetching nothing,
 * fixed to nothing. What is refused is left out, and all else holds.
 * @param text style rules (CSS) in which elements are called by their names in places.ts
 * @param shelf id of the shelf that they are for; null for the whole store
 */
export function readRules(text: string, shelf: string | null): OwnRules {
  const reader = new Reader(shelf);
  if (text.length > LONGEST_RULES) {
    const why = `Rules are at most ${LONGEST_RULES} characters long; these are ${text.length}. None of them is used`;
    return { css: '', faults: [{ line: 1, column: 1, why }] };
  }
  try {
    const css = reader.sheet(text);
    const faults = reader.faults.sort((a, b) => a.line - b.line || a.column - b.column);
    return { css, faults };
  } catch (error) {
    // Of brackets within brackets within brackets.
    if (!(error instanceof RangeError)) throw error;
    const why = 'These rules are nested too deeply. None of them is used';
    return { css: '', faults: [{ line: 1, column: 1, why }] };
  }
}
