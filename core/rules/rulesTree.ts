import { counted } from '../sentence/sentence.ts';
import { setting } from '../settings/setting.ts';
import { yesNo, text } from '../settings/values.ts';
import { LONGEST_RULES } from './longest.ts';

const lines = (rules: string): string => {
  const count = rules.split('\n').filter((line) => line.trim() !== '').length;
  return count === 0 ? 'none' : counted(count, 'line');
};

/** Own rules of the store, or of a shelf, and whether they hold. @param name what they are called in a sentence */
export const rulesTree = (name: string) => ({
  rules: {
    text: setting({ ...text(LONGEST_RULES, 'none', true), say: lines }, '', {
      name,
      find: ['rules', 'css', 'code', 'style sheet'],
    }),
    on: setting(yesNo(), true, {
      name: `${name} used`,
      find: ['rules', 'css', 'code', 'off'],
      offBecause: (read) => ((read('rules.text') as string).trim() === '' ? 'There are no own rules' : null),
    }),
  },
});

/** Own rules as they are kept. */
export interface KeptRules {
  text: string;
  on: boolean;
}

/** The rules that hold; empty where there are none. */
export const rulesInUse = ({ text: rules, on }: KeptRules): string => (on ? rules : '');
