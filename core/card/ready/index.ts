import type { Of } from '../../assortment/of.ts';
import { everywhere } from '../../bands/varying.ts';
import type { Bands } from '../../bands/bands.ts';
import type { Command } from '../../plan/commands.ts';
import type { Shelf } from '../../plan/shelf.ts';
import { partsOf } from '../parts/index.ts';
import { barOnHover } from './barOnHover.ts';
import { iconAtCorner } from './iconAtCorner.ts';
import { namesOnly } from './namesOnly.ts';
import { oneLine } from './oneLine.ts';
import { plain } from './plain.ts';
import type { ReadyCard, ReadyPart } from './readyCard.ts';
import { toBrowse } from './toBrowse.ts';
import { toBuy } from './toBuy.ts';
import { toCompare } from './toCompare.ts';
import { toRead } from './toRead.ts';
import { wordsBeside } from './wordsBeside.ts';
import { wordsOver } from './wordsOver.ts';

/** Every ready-made card, in the order in which they are offered; to add one, define it and list it here. */
export const readyCards: readonly ReadyCard[] = [
  plain,
  oneLine,
  toCompare,
  toBuy,
  barOnHover,
  iconAtCorner,
  toRead,
  toBrowse,
  wordsOver,
  wordsBeside,
  namesOnly,
];

export const readyCardsFor = (of: Of): ReadyCard[] => readyCards.filter((ready) => ready.of.includes(of));

/** Settings of the text as a whole that a ready-made card starts from. */
const TEXT = ['card.align', 'card.text.side', 'card.text.reach', 'card.text.when'];
/** Of them those that can differ by width. */
const VARY = new Set(['card.text.side', 'card.text.reach']);

/** Where and when a part stands; what is as on a new card is not written down. */
function placeOf(ready: ReadyPart, bands: Bands): Record<string, unknown> {
  return {
    zone: ready.zone && everywhere(bands, ready.zone),
    row: ready.shares && everywhere(bands, 'shared'),
    when: ready.onHover && 'hover',
    align: ready.align,
    ...ready.own,
  };
}

/**
 * Puts a ready-made card in the place of a shelf's own, in one step: which parts there are, their order and where they
 * stand. What else was set of a part stays as it is.
 */
export function startFromCard(
  shelf: Pick<Shelf, 'id' | 'card'>,
  of: Of,
  { parts, card = {} }: ReadyCard,
  bands: Bands,
): Command {
  const kinds = partsOf(of);
  const used = parts.filter(({ part }) => kinds.some(({ id }) => id === part));
  const order = used.map(({ part }) => part);
  const values: Record<string, unknown> = {
    'card.order': [...order, ...shelf.card.order.filter((id) => !order.includes(id))],
  };
  for (const { id, isPicture, atFirst } of kinds) {
    const ready = used.find(({ part }) => part === id);
    const isShown = ready !== undefined;
    values[`card.parts.${id}.shown`] = isShown === atFirst ? undefined : everywhere(bands, isShown);
    if (!ready || isPicture) continue;
    for (const [key, value] of Object.entries(placeOf(ready, bands)))
      values[`card.parts.${id}.${key}`] = value;
  }
  for (const id of new Set([...TEXT, ...Object.keys(card)]))
    values[id] = id in card && VARY.has(id) ? everywhere(bands, card[id]) : card[id];
  return {
    do: 'together',
    commands: Object.entries(values).map(([setting, value]) => ({
      do: 'set',
      on: { shelf: shelf.id },
      setting,
      value,
    })),
  };
}
