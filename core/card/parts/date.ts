import { linePartOf } from '../linePart.ts';

export const datePart = linePartOf({
  id: 'date',
  of: ['entries'],
  name: 'Date',
  find: ['date', 'published', 'day', 'when'],
  words: (item, { currency, timeZone }) =>
    item.of === 'entries'
      ? new Intl.DateTimeFormat(currency.locale, { dateStyle: 'medium', timeZone }).format(
          item.entry.publishedAt,
        )
      : null,
});
