import { objectAt, type Old, type UpgradeStep } from './step.ts';

/** "Reduced" came to say by how much at least. */
function withPercent(part: unknown): unknown {
  const one = objectAt(part);
  if (Array.isArray(one.parts)) return { ...one, parts: one.parts.map(withPercent) };
  return one.is === 'reduced' ? { percent: 0, ...one } : part;
}

function assortment(value: unknown): Old {
  const old = objectAt(value);
  if (old.of === 'products')
    return {
      byHand: { putIn: [], leftOut: [], pins: [] },
      fallback: null,
      ...old,
      rule: withPercent(old.rule),
    };
  if (old.of !== 'categories') return old;
  return { grouped: false, ...old, without: { levels: [], ...objectAt(old.without) } };
}

/** Assortments that are saved under a name, products put in and left out by hand, top-ups. */
export const toAssortments: UpgradeStep = {
  to: 2,
  shelf: (old) => ({ assortmentId: null, ...old, assortment: assortment(old.assortment) }),
};
