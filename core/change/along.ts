import { apply, type Command } from '../plan/commands.ts';
import { documentOf, splitKey, type DocumentKey } from '../plan/documents.ts';
import { shelvesOf } from '../plan/places.ts';
import { ownAssortment } from '../plan/shelf.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import type { StoredAssortment } from '../assortment/assortment.ts';
import type { Change } from './change.ts';

const topUpOf = (assortment: StoredAssortment): string | null =>
  assortment.of === 'products' && assortment.fallback?.then === 'topUp' ? assortment.fallback.from : null;

/** Documents that something of a plan names and that are not there. */
function missing(plan: StoredPlan): Set<DocumentKey> {
  const keys = new Set<DocumentKey>();
  const name = (key: DocumentKey) => {
    if (!documentOf(plan, key)) keys.add(key);
  };
  for (const page of Object.values(plan.pages))
    for (const bay of page.bays) for (const id of shelvesOf(bay)) if (id) name(`shelf:${id}`);
  const namesTopUp = (assortment: StoredAssortment) => {
    const from = topUpOf(assortment);
    if (from !== null) name(`assortment:${from}`);
  };
  for (const shelf of Object.values(plan.shelves)) {
    if (shelf.assortmentId) name(`assortment:${shelf.assortmentId}`);
    if (shelf.like) name(`shelf:${shelf.like}`);
    namesTopUp(ownAssortment(shelf));
  }
  for (const { assortment } of Object.values(plan.assortments)) namesTopUp(assortment);
  return keys;
}

const sayPutBack = (plan: StoredPlan, key: DocumentKey): string => {
  const { kind, id } = splitKey(key);
  const name = kind === 'shelf' ? plan.shelves[id]?.name : plan.assortments[id]?.name;
  return `puts back the ${kind} "${name ?? id}"`;
};

/** Puts back, with a revert, every document that it would name and that is not there any more. */
export function withMissing(one: Change, before: StoredPlan, after: StoredPlan): Change {
  const commands: Command[] = [one.takeBack];
  const along = [...one.along];
  const there = missing(after);
  let plan = apply(after, one.takeBack);
  for (let turns = 0; turns < 10; turns += 1) {
    const needed = [...missing(plan)].filter((key) => !there.has(key) && documentOf(before, key));
    if (needed.length === 0) break;
    for (const key of needed) {
      const put: Command = { do: 'putDocument', key, document: documentOf(before, key)! };
      commands.push(put);
      along.push(sayPutBack(before, key));
      plan = apply(plan, put);
    }
  }
  return commands.length === 1 ? one : { ...one, takeBack: { do: 'revert', commands }, along };
}

/**
 * What comes along when a new assortment is reverted: shelves and top-ups that came to use it are as they were, so that
 * none falls back to showing all products. A shelf that is new keeps what it shows as its own.
 */
export function removalOf(
  id: string,
  before: StoredPlan,
  after: StoredPlan,
): { takeBack: Command; along: string[] } {
  const commands: Command[] = [];
  const along: string[] = [];
  const saved = after.assortments[id]!;
  for (const shelf of Object.values(after.shelves)) {
    const on = { shelf: shelf.id };
    const old = before.shelves[shelf.id];
    if (shelf.assortmentId === id) {
      if (old) {
        along.push(`"${shelf.name ?? 'Shelf'}" shows what it did before`);
        commands.push({ do: 'set', on, setting: 'assortmentId', value: old.assortmentId ?? undefined });
      } else {
        along.push(`"${shelf.name ?? 'Shelf'}" keeps what it shows as its own`);
        commands.push(
          { do: 'set', on, setting: 'assortment', value: saved.assortment },
          { do: 'set', on, setting: 'assortmentId', value: undefined },
        );
      }
    }
    if (topUpOf(ownAssortment(shelf)) === id) {
      const was = old && ownAssortment(old);
      commands.push({
        do: 'set',
        on,
        setting: 'assortment.fallback',
        value: was?.of === 'products' ? was.fallback : undefined,
      });
    }
  }
  for (const other of Object.values(after.assortments)) {
    if (other.id === id || topUpOf(other.assortment) !== id) continue;
    const was = before.assortments[other.id]?.assortment;
    along.push(`"${other.name ?? 'Assortment'}" is topped up as before`);
    commands.push({
      do: 'set',
      on: { assortment: other.id },
      setting: 'assortment.fallback',
      value: was?.of === 'products' ? was.fallback : undefined,
    });
  }
  commands.push({ do: 'removeAssortment', id });
  return { takeBack: { do: 'revert', commands }, along };
}
