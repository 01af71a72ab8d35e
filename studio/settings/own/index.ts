import { lazy, type ComponentType } from 'react';
import { labelKinds } from '../../../core/label/labels/index.ts';
import { Columns } from './Columns.tsx';
import type { OwnControl, OwnControlProps } from './ownControl.ts';

type Props = ComponentType<OwnControlProps>;

/** Fetched once its line is opened. */
const later = <N extends string>(load: () => Promise<Record<N, unknown>>, name: N): Props =>
  lazy(() => load().then((module) => ({ default: module[name] as Props })));

const FIRST_LABEL = `card.labels.${labelKinds[0]!.id}.shown`;

/** Controls of settings that are set together, in the place of the first of them that a line has. */
export const togetherControls: readonly Required<OwnControl>[] = [
  {
    Control: later(() => import('../../style/OwnStyle.tsx'), 'OwnStyle'),
    covers: ({ id }) => id.startsWith('style.'),
  },
];

/** Controls of settings for which the usual one does not do, by the id of the setting. */
export const ownControls: Readonly<Record<string, OwnControl>> = {
  assortmentId: {
    Control: later(() => import('./Shows.tsx'), 'Shows'),
    covers: ({ id }) => id.startsWith('assortment.'),
  },
  instead: { Control: later(() => import('./InsteadCards.tsx'), 'InsteadCards') },
  like: { Control: later(() => import('./LikeShelf.tsx'), 'LikeShelf') },
  sameAs: { Control: later(() => import('./SameBay.tsx'), 'SameBay') },
  layout: { Control: later(() => import('./Layout.tsx'), 'Layout') },
  'paging.link': { Control: later(() => import('./MoreLink.tsx'), 'MoreLink') },
  'card.text.side': { Control: later(() => import('./TextSide.tsx'), 'TextSide') },
  lastRow: { Control: later(() => import('./LastRow.tsx'), 'LastRow') },
  'layoutOwn.table.columns': { Control: later(() => import('./TableColumns.tsx'), 'TableColumns') },
  // The line that is open at first.
  'columns.count': { Control: Columns as Props },
  'card.order': {
    Control: later(() => import('./CardParts.tsx'), 'CardParts'),
    covers: ({ id }) => id.startsWith('card.parts.'),
  },
  // All of them together, in the place of the first.
  [FIRST_LABEL]: {
    Control: later(() => import('./ShelfLabels.tsx'), 'ShelfLabels'),
    covers: ({ id }) => (id.startsWith('card.labels.') && id !== FIRST_LABEL) || id === 'card.ownLabelsOut',
  },
  'rules.text': {
    Control: later(() => import('../../rules/ShelfRules.tsx'), 'ShelfRules'),
    covers: ({ id }) => id === 'rules.on',
  },
  locale: { Control: later(() => import('./StoreWhere.tsx'), 'StoreLocale') },
  currency: { Control: later(() => import('./StoreWhere.tsx'), 'StoreCurrency') },
  timeZone: { Control: later(() => import('./StoreWhere.tsx'), 'StoreTimeZone') },
  'labels.list': { Control: later(() => import('./StoreLabels.tsx'), 'StoreLabels') },
  pictureSizes: { Control: later(() => import('./StorePictureSizes.tsx'), 'StorePictureSizes') },
  groups: { Control: later(() => import('./StoreGroups.tsx'), 'StoreGroups') },
  swatches: { Control: later(() => import('./StoreSwatches.tsx'), 'StoreSwatches') },
  columns: { Control: later(() => import('./TextItems.tsx'), 'TextColumns') },
  banners: { Control: later(() => import('./TextItems.tsx'), 'Banners') },
  tabs: { Control: later(() => import('./BayTabs.tsx'), 'BayTabs') },
  parts: { Control: later(() => import('./ProductParts.tsx'), 'ProductParts') },
  fields: { Control: later(() => import('./ContactFields.tsx'), 'ContactFields') },
  items: { Control: later(() => import('./MenuItems.tsx'), 'MenuItems') },
  body: { Control: later(() => import('./RichText.tsx'), 'RichText') },
  'tools.filters': { Control: later(() => import('./ListFilters.tsx'), 'ListFilters') },
  'tools.sorts': { Control: later(() => import('./ListSorts.tsx'), 'ListSorts') },
  links: { Control: later(() => import('./BayLinks.tsx'), 'BayLinks') },
  target: { Control: later(() => import('./JumpTarget.tsx'), 'JumpTarget') },
  bands: { Control: later(() => import('./WidthsShown.tsx'), 'WidthsShown') },
};
