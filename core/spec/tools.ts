import type { Varying } from '../bands/varying.ts';
import { filterName, TOOLS_STAND } from '../plan/toolsSettings.ts';
import type { Shelf } from '../plan/shelf.ts';
import { capital, listed, lowered, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import { ofShelf, type Line } from './line.ts';
import { sayVarying } from './sayVarying.ts';

/** "a menu to sort", "a menu to sort from Laptop"; null where it is nowhere. */
function sayShown(words: string, shown: Varying<boolean>, names: Names): string | null {
  if (!Object.values(shown).includes(true)) return null;
  const said = sayVarying(shown, names, (is) => (is ? words : `no ${words.replace(/^(a|the) /, '')}`));
  return said;
}

function sayTools({ tools }: Shelf, names: Names): Sentence {
  const pieces: Piece[] = [];
  const add = (text: string | null, id: string) => {
    if (text !== null) pieces.push(...(pieces.length > 0 ? [', '] : []), opens(text, id));
  };
  add(sayShown('the number found', tools.count, names), 'tools.count');
  add(sayShown('a menu to sort', tools.sort, names), 'tools.sort');
  add(sayShown('a search', tools.search, names), 'tools.search');
  add(sayShown('a switch between grid and list', tools.views, names), 'tools.views');
  add(sayShown('a switch between roomy and dense', tools.dense, names), 'tools.dense');
  if (tools.filters.length > 0) {
    const called = listed(tools.filters.map((one) => lowered(filterName(one, names))));
    add(`filters by ${called}`, 'tools.filters');
    pieces.push(
      ' ',
      opens(
        sayVarying(tools.stand, names, (stand) => lowered(TOOLS_STAND[stand])),
        'tools.stand',
      ),
    );
  }
  const [first, ...rest] = pieces;
  if (!first) return [opens('None', 'tools.filters')];
  return [typeof first === 'string' ? capital(first) : { ...first, text: capital(first.text) }, ...rest];
}

/** What shoppers find things in the list with. */
export const toolsLine: Line = {
  id: 'tools',
  name: 'Tools',
  say: ofShelf((shelf, { names, assortment }) =>
    assortment && assortment.of !== 'products'
      ? ['None: the shelf shows no products']
      : sayTools(shelf, names),
  ),
};
