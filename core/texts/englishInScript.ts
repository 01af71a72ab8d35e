import type { ScriptTexts } from './storeTexts.ts';

export const englishInScript: ScriptTexts = {
  moreShown: (count) => `${count} ${count === 1 ? 'more is' : 'more are'} shown.`,
  moreFailed: 'More could not be loaded. Press again to try again.',
  position: (at, of) => `Position ${at} of ${of}`,
  count: (at, of) => `${at} of ${of}`,
  inBasket: (count) => `Added. ${count} in the basket.`,
  addFailed: 'This could not be added. Try again, or reload the page.',
  quick: { close: 'Close', wait: 'One moment…' },
  saving: {
    kept: 'Saved for later.',
    gone: 'Not saved any more.',
    failed: 'This could not be saved. Try again, or reload the page.',
  },
  consent: {
    name: 'Your choice',
    ask: 'May we remember the products you view on this device, so you can find them again?',
    yes: 'Yes, remember',
    no: 'No',
  },
};
