import type { Assortment } from '../assortment/assortment.ts';
import { sayAssortment } from '../assortment/say.ts';
import { resolve, valueAt, type Varying } from '../bands/varying.ts';
import { partsOf } from '../card/parts/index.ts';
import { capital, counted, listed, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import { labelKinds } from '../label/label.ts';
import type { FormId } from '../forms/formKind.ts';
import { formKind, formsOf, isUsed } from '../forms/index.ts';
import type { Bay } from './bays/index.ts';
import { marksWords, pagingWords } from './settings/shelfForm.ts';
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

/** "1.4 in sight on Phone": what is said of a setting of one form, at the bands that have the form. */
function sayWhere<T>(
  varying: Varying<T>,
  shelf: Shelf,
  form: FormId,
  names: Names,
  say: (value: T) => string,
) {
  const bands = names.bands.filter((band) => valueAt(shelf.form, names.bands, band.id) === form);
  if (bands.length === names.bands.length) return sayVarying(varying, names, say);
  const values = bands.map((band) => valueAt(varying, names.bands, band.id));
  if (new Set(values).size === 1) return say(values[0]!);
  return bands
    .filter((_, i) => i === 0 || values[i] !== values[i - 1])
    .map((band) => `${say(valueAt(varying, names.bands, band.id))} on ${band.name}`)
    .join(', ');
}

/** How many it shows, or has to a page. */
function saySize(shelf: Shelf, forms: readonly FormId[], names: Names): Piece {
  const byRows = shelf.amount.by === 'rows' && forms.some((id) => formKind(id).inRows);
  const size = byRows
    ? sayVarying(shelf.amount.rows, names, (rows) => counted(rows, 'row'))
    : sayVarying(shelf.amount.items, names, String);
  return opens(
    shelf.paging.by === 'none' ? `the first ${size}` : `${size} to a page`,
    byRows ? 'amount.rows' : 'amount.items',
  );
}

/** How what moves is moved. */
function sayMoving({ moving }: Shelf, names: Names): Sentence {
  const arrows = Object.values(moving.arrows);
  const pieces: Piece[] = [
    ', ',
    opens(
      arrows.includes(true)
        ? `with arrows${arrows.includes(false) ? ' at some widths' : ''}`
        : 'without arrows',
      'moving.arrows',
    ),
    ', ',
    opens(moving.loop ? 'going round' : 'stopping at its ends', 'moving.loop'),
  ];
  if (moving.play)
    pieces.push(', ', opens(`moving by itself every ${moving.restMs / 1000} s`, 'moving.play'));
  const marks = [...new Set(names.bands.map((band) => valueAt(moving.marks, names.bands, band.id)))];
  if (marks.some((one) => one !== 'none'))
    pieces.push(', ', opens(marksWords[marks.find((one) => one !== 'none')!], 'moving.marks'));
  return pieces;
}

const form: Line = {
  id: 'form',
  name: 'Form',
  say: needsShelf((shelf, { names, total }) => {
    const forms = formsOf(shelf.form, names.bands);
    const of = total === null ? '' : ` of ${total}`;
    const policies = Object.values(shelf.lastRow).filter((one) => one !== 'leave');
    const lastRow = policies.length > 0 && shelf.paging.by === 'none' && isUsed('lastRow', forms);
    const said =
      forms.length === 1
        ? formKind(forms[0]!).said
        : sayVarying(shelf.form, names, (id) => formKind(id).name.toLowerCase());
    return [
      'A ',
      opens(said, 'form'),
      ', ',
      saySize(shelf, forms, names),
      `${of}, `,
      opens(pagingWords[shelf.paging.by], 'paging.by'),
      ...(forms.some((id) => formKind(id).moves) ? sayMoving(shelf, names) : []),
      ...(lastRow
        ? [', ', opens(`a short last row ${policies.includes('fill') ? 'filled' : 'dropped'}`, 'lastRow')]
        : []),
      ...(shelf.direction === 'page'
        ? []
        : [
            ', ',
            opens(`read from ${shelf.direction === 'rtl' ? 'right to left' : 'left to right'}`, 'direction'),
          ]),
    ];
  }),
};

/** What each form says of how many stand side by side. */
const sayAcross: { [F in FormId]?: (shelf: Shelf, names: Names) => Piece } = {
  carousel: (shelf, names) =>
    opens(`${sayWhere(shelf.visible, shelf, 'carousel', names, String)} in sight`, 'visible'),
  slider: () => 'one at a time',
  list: (shelf, names) =>
    opens(
      `pictures ${sayWhere(shelf.listPicture, shelf, 'list', names, (px) => `${px} px`)} wide`,
      'listPicture',
    ),
  spread: (shelf, names) =>
    opens(
      `${sayWhere(shelf.spread.items, shelf, 'spread', names, (items) => counted(items, 'item'))} to a page`,
      'spread.items',
    ),
};

const across: Line = {
  id: 'across',
  name: 'Across',
  say: needsShelf((shelf, { names }) => {
    const forms = formsOf(shelf.form, names.bands);
    const pieces: Piece[] = forms.flatMap((id): Piece[] => {
      const own = sayAcross[id];
      return own ? [own(shelf, names), '; '] : [];
    });
    const rows = forms.filter((id) => !sayAcross[id]);
    if (rows.length)
      pieces.push(
        shelf.across.by === 'count'
          ? opens(`${sayWhere(shelf.across.count, shelf, rows[0]!, names, String)}`, 'across.count')
          : opens(
              `as many as fit, each at least ${sayWhere(shelf.across.smallest, shelf, rows[0]!, names, (px) => `${px} px`)}`,
              'across.smallest',
            ),
        shelf.across.by === 'count' ? ' side by side; ' : '; ',
      );
    if (isUsed('gap.column', forms))
      pieces.push(opens(`gaps of ${sayVarying(shelf.gap.column, names, (px) => `${px}`)}`, 'gap.column'));
    if (isUsed('gap.row', forms))
      pieces.push(
        isUsed('gap.column', forms) ? ' and ' : '',
        opens(`${sayVarying(shelf.gap.row, names, (px) => `${px}`)} between rows`, 'gap.row'),
      );
    // A sentence begins with a capital and does not end with a mark that waits for more.
    const first = pieces[0];
    if (first !== undefined)
      pieces[0] = typeof first === 'string' ? capital(first) : { ...first, text: capital(first.text) };
    if (pieces.at(-1) === '; ') pieces.pop();
    return pieces;
  }),
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
    return [...pieces, '; ', opens(alignWords[settings.align], 'card.align'), ...sayPlacing(shelf, names)];
  }),
};

/** Where texts stand and how cards are wrapped, as far as it is not the plainest. */
function sayPlacing({ card: { text, frame }, form }: Shelf, names: Names): Sentence {
  const forms = formsOf(form, names.bands);
  const pieces: Piece[] = [];
  const some = <T>(varying: Varying<T>, plainest: T) =>
    Object.values(varying).some((one) => one !== plainest);
  if (isUsed('card.text.side', forms) && some(text.side, 'under'))
    pieces.push(', ', opens(`${sayVarying(text.side, names, String)} the picture`, 'card.text.side'));
  const over = isUsed('card.text.reach', forms) && some(text.reach, 0);
  if (over)
    pieces.push(
      ', ',
      opens(
        `over the picture by ${sayVarying(text.reach, names, (share) => `${share} %`)}`,
        'card.text.reach',
      ),
    );
  if ((over || forms.some((id) => formKind(id).card === 'ground')) && text.when === 'pointed')
    pieces.push(', ', opens('there when pointed at', 'card.text.when'));
  if (isUsed('card.frame', forms) && frame !== 'plain')
    pieces.push('; ', opens(`${frame} cards`, 'card.frame'));
  return pieces;
}

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
    const width = {
      window: 'as wide as the window',
      content: 'kept to the content',
      own: `at most ${bay.look.ownPx} px wide`,
    }[bay.look.width];
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
