import { objectAt, type UpgradeStep } from './step.ts';

/** Where texts are on a card, frames, heights by the screen, and the look of arrows and marks. */
export const toPlacing: UpgradeStep = {
  to: 4,
  shelf(old, { bands }) {
    const all = (value: unknown) => ({ [bands[0]!.id]: value });
    const card = objectAt(old.card);
    return {
      slideBy: 'ratio',
      slideScreen: all(70),
      ...old,
      moving: {
        comes: 'moves',
        arrowLook: { ink: null, ground: null, edge: false, offset: 8 },
        markLook: { ink: null, current: null, size: 9, shape: 'round' },
        ...objectAt(old.moving),
      },
      card: {
        text: {
          side: all('under'),
          share: all(50),
          reach: all(0),
          ground: 'light',
          when: 'always',
          comes: 'fades',
        },
        frame: 'plain',
        inside: all(12),
        ...card,
        picture: { screen: all(50), ...objectAt(card.picture) },
      },
    };
  },
};
