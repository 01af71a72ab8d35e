import { dropDefaults, type FormatDefaults } from '../formats/dropDefaults.ts';
import defaults from '../formats/defaults-5.json' with { type: 'json' };
import { objectAt, without, type Old, type UpgradeContext, type UpgradeStep } from './step.ts';

const frozen = defaults as unknown as FormatDefaults;

/** What was called otherwise on a card. */
const PARTS: Readonly<Record<string, string>> = { words: 'description' };
const LABELS: Readonly<Record<string, string>> = { reduced: 'sale', soldOut: 'soldOut' };

function card(value: unknown): Old {
  const old = objectAt(value);
  const text = objectAt(old.text);
  const parts: Record<string, Old> = {};
  const labels: Record<string, Old> = {};
  for (const [id, shown] of Object.entries(objectAt(old.shown)))
    if (Object.hasOwn(LABELS, id)) labels[LABELS[id]!] = { shown };
    else parts[PARTS[id] ?? id] = { shown };
  parts.picture = { ...parts.picture, ...objectAt(old.picture) };
  parts.title = { ...parts.title, lines: old.titleLines };
  return {
    order: (Array.isArray(old.order) ? old.order : []).map((id: string) => PARTS[id] ?? id),
    parts,
    labels,
    align: old.align,
    text: {
      ...without(text, 'ground'),
      background: text.ground,
      when: text.when === 'pointed' ? 'hover' : text.when,
    },
    frame: old.frame,
    inside: old.inside,
  };
}

function moving(value: unknown): Old {
  const old = objectAt(value);
  const arrows = objectAt(old.arrowLook);
  return { ...old, arrowLook: { ...without(arrows, 'ground'), background: arrows.ground } };
}

const assortment = (value: unknown, context: UpgradeContext): Old => {
  const { of, ...rest } = objectAt(value);
  return { of, ...dropDefaults(rest, frozen.assortment[String(of)] ?? {}, context) };
};

/** Only what was set is kept; settings of one layout, and of one part of a card, are with each other. */
export const toSparse: UpgradeStep = {
  to: 5,
  house: (old, context) => dropDefaults(old, frozen.house, context),
  page: (old, context) => {
    const { id, kind, bays, ...rest } = old;
    return {
      id,
      kind,
      ...dropDefaults(rest, frozen.page, context),
      bays: (Array.isArray(bays) ? bays : []).map((one) => {
        const { id: bayId, holds, look, ...more } = objectAt(one);
        const { ground, ...others } = objectAt(look);
        const values = { ...more, look: { ...others, background: ground } };
        return { id: bayId, holds, ...dropDefaults(values, frozen.bay[String(holds)] ?? {}, context) };
      }),
    };
  },
  shelf: (old, context) => {
    const { id, assortment: shows, form, across, visible, listPicture, spread, ...others } = old;
    const { slideBy, slideRatio, slideScreen, card: itsCard, moving: itsMoving, ...rest } = others;
    const values = {
      ...rest,
      layout: form,
      columns: across,
      layoutOwn: {
        carousel: { visible },
        slider: { by: slideBy, ratio: slideRatio, screen: slideScreen },
        list: { picture: listPicture },
        spread,
      },
      moving: moving(itsMoving),
      card: card(itsCard),
    };
    const itsOwn = assortment(shows, context);
    const plain = itsOwn.of === 'products' && Object.keys(itsOwn).length === 1;
    return { id, ...(!plain && { assortment: itsOwn }), ...dropDefaults(values, frozen.shelf, context) };
  },
  assortment: (old, context) => ({ ...old, assortment: assortment(old.assortment, context) }),
};
