import type { SetUpFacts } from '../api/setUp.ts';
import { sayCurrency, sayLocale } from '../catalogue/storeWhere.ts';
import { homePage } from '../pages/home.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { counted } from '../sentence/sentence.ts';
import { same } from '../settings/same.ts';

export const SET_UP_STEPS = ['store', 'goods', 'home', 'publish'] as const;
export type SetUpStepId = (typeof SET_UP_STEPS)[number];

/** A step on the way from nothing to a store that shoppers see. */
export interface SetUpStep {
  id: SetUpStepId;
  name: string;
  /** What has been done, or is to be done. */
  said: string;
  done: boolean;
}

/** What of the store is confirmed once its first step is done, whether or not it is what it was before. */
export const STORE_SETTINGS = ['storeName', 'locale', 'currency', 'timeZone'] as const;

interface Told {
  name: string;
  done(stored: StoredPlan, facts: SetUpFacts): boolean;
  said(stored: StoredPlan, facts: SetUpFacts, done: boolean): string;
}

/** Whether the home page is still as a new store begins with it. */
const isFirstHome = ({ pages }: StoredPlan): boolean =>
  same(pages[homePage.id]?.bays ?? [], homePage.first?.bays ?? []);

const told: Record<SetUpStepId, Told> = {
  store: {
    name: 'Your store',
    done: ({ house }) => STORE_SETTINGS.every((setting) => house[setting] !== undefined),
    said: (stored) => {
      const { storeName, locale, currency } = completePlan(stored).house;
      return `${storeName}, in ${sayLocale(locale)}, prices in ${sayCurrency(currency)}`;
    },
  },
  goods: {
    name: 'Your goods',
    done: (_, { products }) => products > 0,
    said: (_, { products, samples }) =>
      products === 0
        ? 'No products yet'
        : counted(products, 'product') +
          (samples === 0 ? '' : samples === products ? ', all samples' : `, ${samples} of them samples`),
  },
  home: {
    name: 'Your home page',
    done: (stored) => !isFirstHome(stored),
    said: ({ pages }, _, done) =>
      done
        ? `Made of ${counted(pages[homePage.id]?.bays.length ?? 0, 'bay')}`
        : 'Choose a ready-made page, then change it',
  },
  publish: {
    name: 'Publish',
    done: (_, { published }) => published,
    said: (_, __, done) => (done ? 'Your store is open' : 'See it as a shopper, then open the store'),
  },
};

/** The steps in their order, with what has been done of each. */
export const setUpSteps = (stored: StoredPlan, facts: SetUpFacts): SetUpStep[] =>
  SET_UP_STEPS.map((id) => {
    const { name, done: isDone, said } = told[id];
    const done = isDone(stored, facts);
    return { id, name, done, said: said(stored, facts, done) };
  });

/** The first that is not done; the last where all are. */
export const nextStep = (steps: readonly SetUpStep[]): SetUpStepId =>
  steps.find(({ done }) => !done)?.id ?? SET_UP_STEPS.at(-1)!;

/** What is missing for a shelf to show something to shoppers, in a sentence; null where nothing is. */
export function missingToShow({ products, published }: SetUpFacts): string | null {
  if (products === 0) return 'There are no products yet, so shelves show nothing.';
  return published ? null : 'Nothing is published yet, so shoppers see nothing.';
}
