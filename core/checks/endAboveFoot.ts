import type { Check } from './check.ts';

/** A list that grows on reaching its end pushes what stands under it away. */
export const endAboveFoot: Check = {
  id: 'end-above-foot',
  title: 'Loading above what follows',
  severity: 'weak',
  find: (view) =>
    view.bays.flatMap(({ id, content, empty }, i) => {
      if (content.holds !== 'shelf' || empty || content.shelf.paging.by !== 'onReach') return [];
      const below = view.bays.slice(i + 1).filter((bay) => !bay.empty);
      if (below.length === 0) return [];
      return [
        {
          bayId: id,
          text: 'More comes on reaching its end, before a shopper gets to what stands under it',
          fix: {
            words: 'Bring more by a button',
            command: {
              do: 'set',
              on: { shelf: content.shelf.id },
              setting: 'paging.by',
              value: 'more',
            },
          },
          goTo: 'form',
        },
      ];
    }),
};
