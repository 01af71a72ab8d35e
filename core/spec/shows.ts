import { sayAssortment } from '../assortment/say.ts';
import { opens } from './content.ts';
import { ofShelf, type Line } from './line.ts';

export const showsLine: Line = {
  id: 'shows',
  name: 'Shows',
  say: ofShelf((shelf, { names, assortment }) => [
    ...(shelf.assortmentId === null
      ? []
      : [opens(names.assortment(shelf.assortmentId) ?? 'A removed assortment', 'assortmentId'), ': ']),
    ...sayAssortment(assortment!, names).map((said) =>
      typeof said === 'string' ? said : opens(said.text, `assortment.${said.opens}`),
    ),
    ...(shelf.notTwice ? [', ', opens('without what is shown above', 'notTwice')] : []),
  ]),
};
