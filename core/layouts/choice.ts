import { choice } from '../settings/values.ts';
import { layoutKinds, type LayoutId } from './index.ts';

/** One of the layouts, as a value of a setting. */
export const layoutChoice = {
  ...choice(Object.fromEntries(layoutKinds.map(({ id, name }) => [id, name])) as Record<LayoutId, string>),
  find: layoutKinds.flatMap((kind) => [kind.id, ...kind.find]),
};
