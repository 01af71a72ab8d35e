import { dateFormat } from '../../catalogue/formats.ts';
import { linePartOf } from '../linePart.ts';

export const datePart = linePartOf({
  id: 'date',
  of: ['entries'],
  name: 'Date',
  find: ['date', 'published', 'day', 'when'],
  words: (item, { currency, timeZone }) =>
    item.of === 'entries'
      ? dateFormat(currency.locale, { dateStyle: 'medium', timeZone }).format(item.entry.publishedAt)
      : null,
});
