import { LRUCache } from 'lru-cache';
import { insideStyle } from '../css/written.ts';
import { RULES_LAYERS } from '../style/styleCss.ts';
import { shelvesDrawn } from '../view/shelvesIn.ts';
import type { PageView } from '../view/view.ts';
import { readRules, type OwnRules } from './readRules.ts';

const read = new LRUCache<string, OwnRules>({ max: 200 });

/** The same as readRules, which is asked again and again for what has not changed. */
export function ownRules(text: string, shelf: string | null): OwnRules {
  const key = `${shelf ?? ''}\n${text}`;
  let found = read.get(key);
  if (!found) read.set(key, (found = readRules(text, shelf)));
  return found;
}

const piece = (text: string, shelf: string | null): string => {
  const { css } = ownRules(text, shelf);
  return css && `@layer ${RULES_LAYERS[shelf === null ? 'store' : 'shelf']}{${insideStyle(css)}}`;
};

/** Style sheet text of the own rules that hold on a page, in pieces as those of pageStyles. */
export function rulesStyles(view: PageView): ReadonlyMap<string, string> {
  const pieces = new Map<string, string>();
  const add = (id: string, text: string, shelf: string | null) => {
    const css = text === '' ? '' : piece(text, shelf);
    if (css) pieces.set(id, css);
  };
  add(' rules', view.rules, null);
  for (const bay of view.bays)
    for (const shelf of shelvesDrawn(bay)) add(`${shelf.id} rules`, shelf.rules, shelf.id);
  return pieces;
}
