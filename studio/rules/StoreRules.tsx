import type { Target } from '../../core/plan/target.ts';
import { useDraft } from '../studioContext.tsx';
import { RulesBox } from './RulesBox.tsx';

const HOUSE: Target = { house: true };

/** The place for own rules of the whole store. */
export function StoreRules() {
  const rules = useDraft(({ plan }) => plan.house.rules);
  return <RulesBox on={HOUSE} shelfId={null} rules={rules} />;
}
