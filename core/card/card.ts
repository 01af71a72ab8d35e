import { array, string } from '../schema/schema.ts';
import { counted, listed } from '../sentence/sentence.ts';
import { choice, integer, inParts, own } from '../settings/values.ts';
import { setting, varying, type Complete, type LayoutTraits, type ReadSetting } from '../settings/setting.ts';
import { labelSettings } from '../label/labels/index.ts';
import { LABEL_ID, MOST_LABELS } from '../label/storeLabel.ts';
import { partKind, partKinds, partSettings } from './parts/index.ts';

export const ALIGNS = { start: 'Start', center: 'Middle', end: 'End' } as const;

const ids = partKinds.map(({ id }) => id);

/** Parts that a stored order does not name, since they came later, stand after the one they follow on a new card. */
function withAll(order: readonly string[]): string[] {
  const all = order.filter((id) => ids.includes(id));
  ids.forEach((id, i) => {
    if (!all.includes(id)) all.splice(i === 0 ? 0 : all.indexOf(ids[i - 1]!) + 1, 0, id);
  });
  return all;
}

const partOrder = inParts(
  own<string[]>(
    array(string().oneOf(ids).required())
      .max(60)
      .test('once', 'A part is named twice.', (order) => new Set(order).size === (order?.length ?? 0))
      .required(),
    (order) => listed(order.map((id) => partKind(id)?.name.toLowerCase() ?? id)),
  ),
);

/** By their ids; of what was removed from the store since, nothing is left out. */
const ownLabelsOut = own<readonly string[]>(
  array(string().matches(LABEL_ID, 'A label is named by letters, digits and hyphens.').required())
    .max(MOST_LABELS)
    .required(),
  (out) => (out.length === 0 ? 'none left out' : `${counted(out.length, 'own label')} left out`),
);

const values = (read: ReadSetting, id: string) => Object.values(read(id) as object);
/** Text is over the picture: as far as it reaches, or since the picture is the background of the card. */
const unlessOver = ({ card }: LayoutTraits, read: ReadSetting): string | null =>
  card === 'ground' || values(read, 'card.text.reach').some((reach) => reach !== 0)
    ? null
    : 'Text is over the picture at no width';

/** What can be set of a card (calculations §14). Parts that are not shown keep their place and settings. */
export const cardSettings = {
  order: setting(partOrder, ids, {
    name: 'Order of the parts',
    find: ['order', 'parts', 'above', 'under'],
    settle: withAll,
  }),
  parts: partSettings,
  labels: labelSettings,
  ownLabelsOut: varying(ownLabelsOut, [], {
    name: 'Own labels left out',
    find: ['label', 'own', 'tag', 'show', 'hide'],
    items: ['products'],
  }),
  align: setting(choice(ALIGNS), 'start', {
    name: 'Text alignment',
    find: ['align', 'left', 'centre', 'right'],
  }),
  text: {
    side: varying(choice({ under: 'Under', above: 'Above', before: 'Before', after: 'After' }), 'under', {
      name: 'Text side of the picture',
      find: ['text', 'side', 'beside', 'under', 'above', 'over'],
      about: 'In a list, before or after the picture.',
      say: (side) => `text ${side} the picture`,
    }),
    share: varying(integer(20, 80, '%', { step: 5 }), 50, {
      name: 'Text width beside the picture',
      find: ['text', 'width', 'share', 'beside'],
      offBecause: (read) =>
        values(read, 'card.text.side').some((side) => side === 'before' || side === 'after')
          ? null
          : 'Text is beside the picture at no width',
    }),
    reach: varying(integer(0, 100, '%', { step: 10 }), 0, {
      name: 'Text reach over the picture',
      find: ['text', 'over', 'overlay', 'reach'],
      about: 'In masonry, from a side only.',
    }),
    background: setting(choice({ light: 'Light', dark: 'Dark', none: 'None' }), 'light', {
      name: 'Background of text over the picture',
      find: ['text', 'overlay', 'background', 'shade'],
      offIn: (layout, read) =>
        layout.card === 'ground' ? 'This layout has a background of its own' : unlessOver(layout, read),
    }),
    when: setting(choice({ always: 'Always', hover: 'On hover' }), 'always', {
      name: 'Text over the picture shown',
      find: ['text', 'hover', 'always'],
      about: 'Always shown by touch; with the keyboard when the card has focus.',
      offIn: unlessOver,
    }),
    comes: setting(choice({ atOnce: 'At once', fades: 'Fades in', rises: 'Rises in' }), 'fades', {
      name: 'How text comes in',
      find: ['text', 'fade', 'rise', 'hover', 'come in'],
      offIn: ({ textComesWithIt }, read) =>
        textComesWithIt || read('card.text.when') === 'hover' ? null : 'Text is always shown',
    }),
  },
  frame: setting(choice({ plain: 'None', framed: 'Border', shadowed: 'Shadow' }), 'plain', {
    name: 'Card frame',
    find: ['frame', 'border', 'shadow', 'plain', 'wrapped'],
  }),
  inside: varying(integer(0, 40, 'px', { step: 2 }), 12, {
    name: 'Space inside the frame',
    find: ['frame', 'inside', 'padding', 'space'],
    offBecause: (read) => (read('card.frame') === 'plain' ? 'Cards have no frame' : null),
  }),
};

/** How one item is shown. */
export type Card = Complete<typeof cardSettings>;
