import type { Assortment } from '../assortment/assortment.ts';
import { sayAssortment } from '../assortment/say.ts';
import { resolve, valueAt, type Varying } from '../bands/varying.ts';
import { partsOf } from '../card/parts/index.ts';
import { capital, counted, listed, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import { labelKinds } from '../label/label.ts';
import type { Bay } from './bays/index.ts';
import type { LineId } from './settings/setting.ts';
import type { Shelf } from './shelf.ts';

/** What a line of the spec reads: the bay, and its shelf where it holds one. */
export interface LineInput {
  bay: Bay;
  shelf: Shelf | null;
  /** What the shelf shows, its own or a saved one. */
  assortment: Assortment | null;
  names: Names;
  /** How many match now; null while that is being counted. */
  total: number | null;
}

/** One line of the spec: a name, and a sentence whose pieces open the settings that they tell of. */
export interface Line {
  id: LineId;
  name: string;
  say(input: LineInput): Sentence;
}

const opens = (text: string, setting: string): Piece => ({ text, opens: setting });

/** "2 on Phone, 3 on Tablet, 4 from Laptop": one phrase for each band that sets a value of its own. */
export function sayVarying<T>(varying: Varying<T>, { bands }: Names, say: (value: T) => string): string {
  const own = bands.filter((band, i) => i === 0 || resolve(varying, bands, band.id).setAt === band.id);
  if (own.length === 1) return say(valueAt(varying, bands, own[0]!.id));
  return own
    .map((band, i) => {
      const until = bands.indexOf(own[i + 1] ?? bands.at(-1)!) - bands.indexOf(band);
      const last = i === own.length - 1;
      const where =
        last && band !== bands.at(-1)
          ? `from ${band.name}`
          : until > 1 && !last
            ? `from ${band.name}`
            : `on ${band.name}`;
      return `${say(valueAt(varying, bands, band.id))} ${where}`;
    })
    .join(', ');
}

const needsShelf = (say: (shelf: Shelf, input: LineInput) => Sentence) => (input: LineInput) =>
  input.shelf ? say(input.shelf, input) : [];

const shows: Line = {
  id: 'shows',
  name: 'Shows',
  say: needsShelf((shelf, { names, assortment }) => [
    ...(shelf.assortmentId === null
      ? []
      : [opens(names.assortment(shelf.assortmentId) ?? 'An assortment that is gone', 'assortmentId'), ': ']),
    ...sayAssortment(assortment!, names).map((piece) =>
      typeof piece === 'string' ? piece : opens(piece.text, `assortment.${piece.opens}`),
    ),
    ...(shelf.notTwice ? [', ', opens('without what stands above', 'notTwice')] : []),
  ]),
};

const form: Line = {
  id: 'form',
  name: 'Form',
  say: needsShelf((shelf, { names, total }) => {
    const size =
      shelf.amount.by === 'items'
        ? String(shelf.amount.items)
        : sayVarying(shelf.amount.rows, names, (rows) => counted(rows, 'row'));
    const of = total === null ? '' : ` of ${total}`;
    const last = Object.values(shelf.lastRow).includes('drop') && shelf.pager === 'none';
    return [
      'A ',
      opens('grid', 'form'),
      ' filled row by row, ',
      opens(
        shelf.pager === 'none' ? `the first ${size}` : `${size} to a page`,
        shelf.amount.by === 'items' ? 'amount.items' : 'amount.rows',
      ),
      `${of}, `,
      opens(shelf.pager === 'none' ? 'without pages' : 'with numbered pages', 'pager'),
      ...(last ? [', ', opens('a short last row dropped', 'lastRow')] : []),
    ];
  }),
};

const across: Line = {
  id: 'across',
  name: 'Across',
  say: needsShelf((shelf, { names }) => [
    shelf.across.by === 'count'
      ? opens(`${sayVarying(shelf.across.count, names, String)}`, 'across.count')
      : opens(
          `As many as fit, each at least ${sayVarying(shelf.across.smallest, names, (px) => `${px} px`)}`,
          'across.smallest',
        ),
    shelf.across.by === 'count' ? ' side by side; ' : '; ',
    opens(`gaps of ${sayVarying(shelf.gap.column, names, (px) => `${px}`)}`, 'gap.column'),
    ' and ',
    opens(`${sayVarying(shelf.gap.row, names, (px) => `${px}`)} between rows`, 'gap.row'),
  ]),
};

const alignWords = { start: 'text at the start', center: 'text in the middle', end: 'text at the end' };

const card: Line = {
  id: 'card',
  name: 'Card',
  say: needsShelf((shelf, { names, assortment: shows }) => {
    const { card: settings } = shelf;
    const assortment = shows!;
    const kinds = partsOf(assortment.of);
    const shown = settings.order.flatMap((id) => {
      const kind = kinds.find((one) => one.id === id);
      const at = settings.shown[id];
      if (!kind || !at || !Object.values(at).includes(true)) return [];
      const where = sayShown(at, names);
      return [
        opens(
          `${kind.say(settings)}${where}`,
          id === 'picture' ? 'card.picture.ratio' : id === 'title' ? 'card.titleLines' : `card.shown.${id}`,
        ),
      ];
    });
    const labels =
      assortment.of === 'products'
        ? labelKinds.filter((kind) => Object.values(settings.shown[kind.id] ?? {}).includes(true))
        : [];
    const pieces: Piece[] = [];
    shown.forEach((piece, i) => {
      if (i > 0) pieces.push(', ');
      pieces.push(i === 0 && typeof piece !== 'string' ? { ...piece, text: capital(piece.text) } : piece);
    });
    if (pieces.length === 0) pieces.push(opens('Nothing is shown', 'card.order'));
    if (labels.length)
      pieces.push(
        '; ',
        opens(listed(labels.map((kind) => kind.name.toLowerCase())), `card.shown.${labels[0]!.id}`),
      );
    return [...pieces, '; ', opens(alignWords[settings.align], 'card.align')];
  }),
};

/** Where a part is shown, if not everywhere. */
function sayShown(shown: Varying<boolean>, { bands }: Names): string {
  const at = bands.filter((band) => valueAt(shown, bands, band.id));
  return at.length === bands.length ? '' : ` on ${listed(at.map((band) => band.name))}`;
}

const look: Line = {
  id: 'look',
  name: 'Look',
  say: ({ bay, names }) => {
    const px = (varying: Varying<number>) => sayVarying(varying, names, (value) => `${value}`);
    const heading: Piece[] =
      bay.holds === 'shelf'
        ? [
            bay.heading.words
              ? opens(`Headed "${bay.heading.words}"`, 'heading.words')
              : opens('No heading', 'heading.words'),
            ', ',
          ]
        : [];
    const width = bay.look.width === 'window' ? 'as wide as the window' : 'kept to the content';
    return [
      ...heading,
      opens(heading.length ? width : capital(width), 'look.width'),
      ', ',
      opens(bay.look.ground ? `on ${bay.look.ground}` : "on the page's ground", 'look.ground'),
      '; ',
      opens(`${px(bay.look.above)} above`, 'look.above'),
      ' and ',
      opens(`${px(bay.look.below)} below`, 'look.below'),
    ];
  },
};

const when: Line = {
  id: 'when',
  name: 'When',
  say: ({ bay, names }) => {
    const bands =
      bay.bands && names.bands.filter((band) => bay.bands!.includes(band.id)).map((band) => band.name);
    return [
      opens(bay.hidden ? 'Hidden' : 'Always', 'hidden'),
      bay.hidden ? ', else ' : ', ',
      opens(bands ? `only on ${listed(bands)}` : 'at every width', 'bands'),
    ];
  },
};

const quoted = (words: string, none: string) => (words ? `"${words}"` : none);

const says: Line = {
  id: 'says',
  name: 'Says',
  say: ({ bay }) => {
    if (bay.holds === 'notice') return [opens(quoted(bay.words, 'Nothing yet'), 'words')];
    if (bay.holds !== 'banner') return [];
    return [
      opens(quoted(bay.title, 'No title'), 'title'),
      ', ',
      opens(quoted(bay.words, 'no words below'), 'words'),
      ', ',
      opens(bay.button ? `a button "${bay.button}"` : 'no button', 'button'),
    ];
  },
};

const picture: Line = {
  id: 'picture',
  name: 'Picture',
  say: ({ bay, names }) =>
    bay.holds === 'banner'
      ? [
          opens(bay.pictureId ? 'A picture behind the words' : 'No picture', 'pictureId'),
          ', ',
          opens(`${sayVarying(bay.height, names, (px) => `${px} high`)}`, 'height'),
        ]
      : [],
};

const leadsTo: Line = {
  id: 'leadsTo',
  name: 'Leads to',
  say: ({ bay }) => ('link' in bay ? [opens(bay.link || 'Nowhere', 'link')] : []),
};

/** Lines of the spec by what the bay holds, in their order. */
export const linesOf: Record<Bay['holds'], readonly Line[]> = {
  shelf: [shows, form, across, card, look, when],
  notice: [says, leadsTo, look, when],
  banner: [says, picture, leadsTo, look, when],
  product: [look, when],
  entry: [look, when],
};
