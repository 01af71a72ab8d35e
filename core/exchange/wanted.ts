import type { FieldValue } from '../assortment/kinds.ts';
import { fold } from '../catalogue/fold.ts';
import { same } from '../settings/same.ts';
import { calledBy, isFault, type ImportRow, type RowFault, type Said } from './importRow.ts';

/** A variant as a file wants it; what it does not say is absent. */
export interface WantedVariant {
  line: number;
  code?: string;
  price?: number;
  reduced?: number | null;
  stock?: number | null;
  choice: readonly [option: string, value: string][];
}

/** A product as a file wants it, of one row or of several that follow each other; what it does not say is absent. */
export interface Wanted {
  line: number;
  rows: number;
  keys: { code: string; slug: string; title: string };
  product: ReadonlyMap<string, Said>;
  fields: ReadonlyMap<string, Said<FieldValue | null>>;
  variants: readonly WantedVariant[];
}

/** What a row is of: rows of one product have the same. */
const keyOf = ({ parent, code, slug, title }: ImportRow['keys']): string =>
  parent
    ? `c ${parent.toLowerCase()}`
    : code
      ? `c ${code.toLowerCase()}`
      : slug
        ? `s ${slug}`
        : title
          ? `t ${fold(title)}`
          : '';

const variantOf = ({ line, keys, variant, choice }: ImportRow): WantedVariant => ({
  line,
  // Of a variant that names its product the item code is its own.
  ...(keys.parent !== '' && keys.code !== '' && { code: keys.code }),
  ...Object.fromEntries([...variant].map(([fact, { value }]) => [fact, value])),
  choice,
});

/** Puts rows together that are of one product, and refuses those that come again. */
export class Gatherer {
  private rows: ImportRow[] = [];
  private key = '';
  private readonly seen = new Map<string, number>();
  /** Products whose first row cannot be imported: what is of them would stand for all of them. */
  private readonly broken = new Map<string, number>();

  /** Takes the next row; gives what is whole by now. */
  add(row: ImportRow | RowFault): (Wanted | RowFault)[] {
    if (isFault(row)) return this.refuse(row);
    const key = keyOf(row.keys);
    const { title, code, slug } = row.keys;
    const of = calledBy(row.keys);
    if (key === '')
      return [
        {
          line: row.line,
          field: '',
          of,
          why: 'Nothing says which product it is: neither item code, address nor title.',
        },
      ];
    if (key === this.key && this.rows.length > 0 && (row.choice.length > 0 || row.keys.parent !== '')) {
      this.rows.push(row);
      return [];
    }
    const broken = this.broken.get(key);
    if (broken !== undefined)
      return [
        {
          line: row.line,
          field: '',
          of,
          why: `It is of the product on line ${broken}, which cannot be imported.`,
        },
      ];
    const before = this.seen.get(key);
    if (before !== undefined) {
      const [name, said] = key.startsWith('c')
        ? ['Item code', row.keys.parent || code]
        : key.startsWith('s')
          ? ['Address', slug]
          : ['Title', title];
      return [{ line: row.line, field: name, of, why: `${name} ${said} is on line ${before} already.` }];
    }
    this.seen.set(key, row.line);
    const whole = this.end();
    this.rows = [row];
    this.key = key;
    return whole;
  }

  private refuse(row: RowFault): RowFault[] {
    const key = row.keys ? keyOf(row.keys) : '';
    if (key !== '' && key !== this.key && !this.seen.has(key) && !this.broken.has(key))
      this.broken.set(key, row.line);
    return [row];
  }

  /** The last product, once there are no more rows. */
  end(): (Wanted | RowFault)[] {
    const [first] = this.rows;
    if (!first) return [];
    const wanted = gathered(first, this.rows);
    this.rows = [];
    return [wanted];
  }
}

function gathered(first: ImportRow, rows: readonly ImportRow[]): Wanted | RowFault {
  const { keys } = first;
  const of = calledBy(keys);
  const product = new Map(first.product);
  const fields = new Map(first.fields);
  for (const row of rows.slice(1))
    for (const [all, said] of [
      [product, row.product],
      [fields, row.fields],
    ] as [Map<string, Said>, Map<string, Said>][])
      for (const [fact, one] of said) {
        if (one.empty) continue;
        const is = all.get(fact);
        // Each variant may bring pictures of its own.
        if (is && !is.empty && fact === 'pictureIds')
          all.set(fact, { ...is, value: [...new Set([is.value, one.value].flat())] });
        else if (is && !is.empty && !same(is.value, one.value) && fact !== 'title')
          return {
            line: row.line,
            field: '',
            of,
            why: `It says something else of the product than line ${first.line} does.`,
          };
        if (!is || is.empty) all.set(fact, one);
      }
  const hasOptions = rows.some(({ choice }) => choice.length > 0);
  // A row that stands for the product alone is no variant.
  const variants = rows.filter(({ choice }) => !hasOptions || choice.length > 0).map(variantOf);
  const choices = new Map<string, number>();
  for (const { choice, line } of variants) {
    const said = choice.map(([, value]) => value).join(', ');
    const before = choices.get(said);
    if (before !== undefined)
      return {
        line,
        field: '',
        of,
        why: said
          ? `${said} is on line ${before} already.`
          : `The same product is on line ${before} already.`,
      };
    choices.set(said, line);
  }
  return {
    line: first.line,
    rows: rows.length,
    keys: { code: keys.parent || keys.code, slug: keys.parent ? '' : keys.slug, title: keys.title },
    product,
    fields,
    variants,
  };
}
