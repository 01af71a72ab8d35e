import { textsOf } from './text.ts';

const ofLists = textsOf('lists');
const ofMoving = textsOf('moving');
const ofProducts = textsOf('products');
const ofBasket = textsOf('basket');
const ofSaved = textsOf('saved');

/** Texts that the script of a page says, which is sent without all others. */
export const englishInScript = {
  moreShown: ofLists({ one: '{count} more is shown.', other: '{count} more are shown.' }, [['count', 12]]),
  moreFailed: ofLists('More could not be loaded. Press again to try again.'),
  position: ofMoving('Position {place} of {places}', [
    ['place', 2],
    ['places', 5],
  ]),
  count: ofMoving(
    '{place} of {places}',
    [
      ['place', 2],
      ['places', 5],
    ],
    'The count under a row',
  ),
  inBasket: ofBasket('Added. {count} in the basket.', [['count', 3]]),
  addFailed: ofBasket('This could not be added. Try again, or reload the page.'),
  quick: {
    close: ofProducts('Close', 'The quick view'),
    wait: ofProducts('One moment…', 'While the quick view is on its way'),
  },
  saving: {
    kept: ofSaved('Saved for later.'),
    gone: ofSaved('Not saved any more.'),
    failed: ofSaved('This could not be saved. Try again, or reload the page.'),
  },
  consent: {
    name: ofProducts('Your choice', 'The question whether what is viewed may be remembered'),
    ask: ofProducts('May we remember the products you view on this device, so you can find them again?'),
    yes: ofProducts('Yes, remember'),
    no: ofProducts('No', 'Not to remember what is viewed'),
  },
};
