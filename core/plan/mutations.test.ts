import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { findingsIn, findingsOn } from '../checks/index.ts';
import { pageCss } from '../css/pageCss.ts';
import { specimenNames, specimenView } from '../specimen/specimen.ts';
import { times } from '../specimen/times.ts';
import { checkDocument, faultSentence } from './checkDocument.ts';
import { documentKeys, documentOf, withDocument, type DocumentKey, type PlanDocument } from './documents.ts';
import { readPlan } from './reading.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

const store = JSON.parse(
  readFileSync(new URL('./formats/stores/format-5.json', import.meta.url), 'utf8'),
) as unknown;
const { plan } = readPlan(store);

/** Every place in a value, as the way to it. */
function places(value: Json, way: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  const below: (readonly (string | number)[])[] =
    typeof value !== 'object' || value === null
      ? []
      : Array.isArray(value)
        ? value.flatMap((one, i) => places(one, [...way, i]))
        : Object.entries(value).flatMap(([key, one]) => places(one, [...way, key]));
  return [way, ...below];
}

const HOSTILE: readonly Json[] = [
  null,
  true,
  -1,
  0.5,
  1e21,
  '',
  '__proto__',
  'constructor',
  'toString',
  '</style><script>alert(1)</script>',
  'x'.repeat(5_000),
  [],
  [null],
  {},
  { phone: null },
  { constructor: 1 },
  { join: 'all' },
];

const OTHER_NAMES = ['other', 'constructor', 'toString', 'hasOwnProperty', undefined];

type Mutation = { at: number; how: 'delete' | 'replace' | 'add' | 'swap'; value: number; with: number };

/** The document with something deleted, put in the place of another, added, or in the place of a brother. */
function mutated(document: Json, { at, how, value, with: other }: Mutation): Json {
  const copy = structuredClone(document);
  const ways = places(copy).filter((way) => way.length > 0);
  const way = ways[at % ways.length]!;
  let parent = copy as Record<string | number, Json>;
  for (const step of way.slice(0, -1)) parent = parent[step] as Record<string | number, Json>;
  const last = way.at(-1)!;
  const hostile = structuredClone(HOSTILE[value % HOSTILE.length]!);
  if (how === 'delete') {
    if (Array.isArray(parent)) parent.splice(Number(last), 1);
    else delete parent[last];
  } else if (how === 'replace') parent[last] = hostile;
  else if (how === 'swap') {
    const keys = Object.keys(parent);
    parent[last] = structuredClone(parent[keys[other % keys.length]!]!);
  } else if (Array.isArray(parent[last])) parent[last].push(hostile);
  else if (typeof parent[last] === 'object' && parent[last] !== null)
    (parent[last] as Record<string, Json>)[OTHER_NAMES[other % OTHER_NAMES.length] ?? `k${other}`] = hostile;
  else parent[`${last}2`] = hostile;
  return copy;
}

const mutation = fc.record<Mutation>({
  at: fc.nat(5_000),
  how: fc.constantFrom('delete', 'replace', 'add', 'swap'),
  value: fc.nat(HOSTILE.length - 1),
  with: fc.nat(50),
});

/** Everything that is made of a plan: its pages, their style sheets, what is found on them. */
function drawAll(stored: StoredPlan, key: DocumentKey): void {
  const complete = completePlan(stored);
  findingsIn(complete, specimenNames);
  const pages = key.startsWith('page:')
    ? Object.values(complete.pages).filter(({ id }) => key === `page:${id}`)
    : Object.values(complete.pages);
  for (const page of pages) {
    const view = specimenView(complete, 30, { page });
    pageCss(view);
    findingsOn(view, complete, specimenNames);
  }
}

describe('a document that was changed by anybody, anyhow', () => {
  const keys = documentKeys(plan);

  it('is refused with a sentence that names it, or drawn wherever it is shown', () => {
    let [refused, drawn] = [0, 0];
    fc.assert(
      fc.property(fc.nat(keys.length - 1), fc.array(mutation, { minLength: 1, maxLength: 3 }), (at, how) => {
        const key = keys[at]!;
        const original = documentOf(plan, key) as unknown as Json;
        const document = how.reduce(mutated, original);
        const fault = checkDocument(key, document);
        if (fault) {
          refused += 1;
          expect(faultSentence(key, document, fault)).toMatch(/^(House style|Page|Shelf|Assortment).*: \S.*/);
          return;
        }
        drawn += 1;
        drawAll(withDocument(plan, key, document as unknown as PlanDocument), key);
      }),
      { numRuns: times(2_500) },
    );
    // Neither is rare, so that both are really tried.
    expect(refused).toBeGreaterThan(800);
    expect(drawn).toBeGreaterThan(200);
  });

  it('is named by page, bay and setting, as the owner knows them', () => {
    const said = (key: DocumentKey, document: Json) =>
      faultSentence(key, document, checkDocument(key, document)!);
    const home = structuredClone(plan.pages.home) as unknown as { bays: Record<string, Json>[] };
    home.bays[2]!.look = { above: { phone: 4_000 } };
    expect(said('page:home', home as unknown as Json)).toBe(
      'Page "Home", bay 3 "New from the kiln": Space above: This is too large; 400 at most.',
    );
    const shelf = { id: 'shop', name: 'Everything', gap: { column: { phone: 'wide' } } };
    expect(said('shelf:shop', shelf)).toBe(
      'Shelf "Everything": Gap between columns: This has to be a number.',
    );
    expect(said('house', { bands: [] })).toBe('House style: Widths: There are too few; 2 at least.');
    expect(said('shelf:shop', { id: 'other' })).toContain('its key "shop"');
  });

  it('may name what is gone: it is drawn without it, and found by a check', () => {
    const without = { ...plan, shelves: {}, assortments: {} };
    for (const key of documentKeys(without)) expect(checkDocument(key, documentOf(without, key))).toBeNull();
    drawAll(without, 'house');
    const found = findingsIn(completePlan(without), specimenNames);
    expect(found.filter(({ check }) => check === 'shelf-gone').length).toBeGreaterThan(5);
  });
});
