import type { OwnControlProps } from '../settings/own/ownControl.ts';
import { RulesBox } from './RulesBox.tsx';

/** Own rules of one shelf, in its Look. */
export function ShelfRules({ on, shelf }: OwnControlProps) {
  return shelf && <RulesBox on={on} shelfId={shelf.id} rules={shelf.rules} />;
}
