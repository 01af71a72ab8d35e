import { objectAt, type Old, type UpgradeStep } from './step.ts';

/** Other layouts than a grid, with values by width; reading direction; widths of bays. */
export const toLayouts: UpgradeStep = {
  to: 3,
  shelf(old, { bands }) {
    const band = bands[0]!.id;
    const all = (value: unknown) => ({ [band]: value });
    const { pager, ...others } = old;
    const amount = objectAt(old.amount);
    const card = objectAt(old.card);
    const picture = objectAt(card.picture);
    return {
      visible: all(2.5),
      lastRowAlign: all('start'),
      equalHeights: all(true),
      moving: {
        step: all(1),
        arrows: all(true),
        arrowPlace: 'over',
        arrowSize: all(40),
        arrowShape: 'round',
        arrowSign: '',
        marks: all('none'),
        play: false,
        restMs: 5000,
        moveMs: 350,
        loop: false,
        swipe: true,
        drag: true,
        start: 1,
      },
      slideRatio: all('16:9'),
      listPicture: all(140),
      spread: { items: all(2), facing: all(false) },
      direction: 'page',
      ...others,
      form: all(old.form),
      paging: { by: pager, words: 'Show more', link: '' },
      amount: { ...amount, items: all(amount.items) },
      card: {
        ...card,
        picture: { by: 'ratio', ratio: all(picture.ratio), height: all(240), fit: picture.fit },
      },
    };
  },
  page: (old) => ({
    direction: 'language',
    ...old,
    bays: (Array.isArray(old.bays) ? old.bays : []).map((one): Old => {
      const bay = objectAt(one);
      return { ...bay, look: { ownPx: 760, margin: null, ...objectAt(bay.look) } };
    }),
  }),
};
