import { random } from '../random.ts';
import type { Scene, Thing } from '../pictures/scene.ts';
import { glazes, type Glaze } from './glazes.ts';
import { lines } from './lines/index.ts';
import type { Line } from './lines/line.ts';
import type { Finish } from './finish.ts';

export const brands = [
  'Kelverstone Clayworks',
  'Ansa Marrick',
  'Tobin Hale',
  'Odile Farrow',
  'The Lower Kiln',
] as const;

export interface VariantSeed {
  glaze: string | null;
  size: string | null;
  /** Pence. */
  price: number;
  reduced: number | null;
  stock: number | null;
  code: string;
  picture: Scene | null;
}

export interface ProductSeed {
  slug: string;
  title: string;
  shortText: string;
  longText: string;
  kind: 'single' | 'variants' | 'set' | 'digital';
  code: string;
  brand: string;
  featured: boolean;
  position: number | null;
  /** Days before the day of the seed. */
  daysOld: number;
  ratings: number[];
  fields: Record<string, string | number | boolean>;
  categories: string[];
  tags: string[];
  pictures: { scene: Scene; alt: string }[];
  variants: VariantSeed[];
  /** How much it is bought, relative to others. */
  demand: number;
}

const grounds = ['#e9e4da', '#dfe5e5', '#efe7df', '#e3e9ee', '#ece9e2', '#e5ded3', '#e7ece6', '#efe9ec'];
const finishes: Finish[] = ['plain', 'bareFoot', 'dipped', 'banded'];

const slugOf = (title: string) =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Titles that test every card: as short as titles get, and far longer than any owner should write. */
const oddTitles: Record<string, string> = {
  'Inkwell two-pint ewer': 'Ewer',
  'Chalk side plate': 'Side',
  'Tidewrack planter':
    'Tidewrack planter with its own saucer, frost-proof to minus fifteen, for herbs, succulents or a small olive tree',
  'Oatmeal tea set for two':
    'Oatmeal tea set for two with a four-cup pot, two beakers without handles and a linen cloth, wrapped in straw',
  'Amber feast platter': 'Amber feast platter, forty-two centimetres across, thrown in one piece',
  'Midnight hearth tiles': 'Midnight hearth tiles',
};

function finished(things: Thing[], finish: Finish): Thing[] {
  return things.map((one) => (one.draw === 'piece' ? { ...one, piece: { ...one.piece, finish } } : one));
}

function makeProduct(line: Line, lead: Glaze, at: number): ProductSeed {
  const plainTitle = `${lead.name} ${line.form}`;
  const title = oddTitles[plainTitle] ?? plainTitle;
  const chance = random(`product ${plainTitle}`);
  const finish = chance.pick(finishes);
  const ground = chance.chance(0.14) ? null : chance.pick(grounds);
  const [width, height] = line.size;
  const scene = (glaze: string, more: Partial<Scene> = {}): Scene => ({
    seed: `${line.form} ${glaze}`,
    width,
    height,
    things: finished(line.things(glaze), finish),
    ground,
    ...more,
  });
  const pictures = chance.chance(0.03)
    ? []
    : [{ scene: scene(lead.name), alt: `${title}, seen from the front` }];
  if (pictures.length && chance.chance(0.72)) {
    const companions = lines.filter(
      (other) => other.size === line.size && other !== line && !other.tags.includes('wall'),
    );
    const together = companions.length > 0 && !line.tags.includes('wall') && chance.chance(0.5);
    const beside = together ? chance.pick(companions).things(chance.pick(glazes).name).slice(0, 1) : [];
    pictures.push({
      scene: scene(lead.name, {
        seed: `second ${plainTitle}`,
        ground: ground ?? chance.pick(grounds),
        near: !together,
        things: finished([...line.things(lead.name), ...beside], finish),
      }),
      alt: together ? `${title} beside another piece` : `${title}, from nearer`,
    });
  }

  const price = Math.round((line.price * chance.pick([0.95, 1, 1, 1, 1.1])) / 100) * 100;
  const others = chance.shuffled(glazes.filter((glaze) => glaze !== lead)).slice(0, chance.whole(0, 4));
  const leads = [lead, ...others].map((glaze) => glaze.name);
  const sizes = line.sizes ?? [null];
  const reducedShare = chance.chance(0.24) ? chance.pick([0.9, 0.85, 0.8, 0.75, 0.65, 0.5]) : null;
  const soldOut = chance.chance(0.08);
  // Some are photographed in every glaze, of others one more is.
  const everyGlaze = at % 4 === 0;
  const variants = leads.flatMap((glaze, g) =>
    sizes.map((size, s): VariantSeed => {
      const isPictured = g > 0 && pictures.length > 0;
      const full = Math.round((price * (1 + 0.35 * s)) / 50) * 50;
      const lowered =
        reducedShare !== null && (g === 0 || chance.chance(0.3))
          ? Math.round((full * reducedShare) / 50) * 50
          : null;
      const stock =
        soldOut || chance.chance(0.07) ? 0 : chance.chance(0.12) ? chance.whole(1, 3) : chance.whole(4, 60);
      return {
        glaze,
        size,
        price: full,
        reduced: lowered !== null && lowered < full ? lowered : null,
        stock,
        code: `KC-${String(1000 + at)}-${g + 1}${s ? String.fromCharCode(64 + s) : ''}`,
        picture:
          (isPictured && g === 1 && s === 0 && chance.chance(0.3)) || (isPictured && everyGlaze)
            ? scene(glaze)
            : null,
      };
    }),
  );
  const set = line.categories.includes('gift-sets');
  const reviews = chance.chance(0.22) ? 0 : Math.floor(chance.between(1, 60) * chance.next());
  const quality = chance.between(3.2, 4.9);
  const foot =
    finish === 'bareFoot'
      ? 'The foot is left bare, so that you can see the clay it is made from.'
      : finish === 'dipped'
        ? 'It is dipped twice, and where the two glazes meet no firing gives the same line.'
        : finish === 'banded'
          ? 'The bands are painted on the wheel with one slow turn.'
          : 'One glaze, inside and out.';
  return {
    slug: slugOf(plainTitle),
    title,
    shortText: line.words,
    longText: `${line.words} ${foot}\n\nMade from Kelverstone stoneware and fired to ${line.firedAt ?? 1200} degrees. ${lead.speckled ? `${lead.name} lets the iron in the clay come through as speckles.` : `${lead.name} breaks darker where it runs thick.`} Small differences are the mark of a hand, not a fault.`,
    kind: set ? 'set' : variants.length > 1 ? 'variants' : 'single',
    code: `KC-${1000 + at}`,
    brand: chance.chance(0.55) ? brands[0] : chance.pick(brands),
    featured: chance.chance(0.09),
    position: chance.chance(0.2) ? chance.whole(1, 400) : null,
    daysOld: Math.floor(900 * chance.next() ** 1.6) + (at % 3),
    ratings: Array.from({ length: reviews }, () =>
      Math.max(1, Math.min(5, Math.round(quality + chance.between(-1.1, 1.1)))),
    ),
    fields: {
      ...(line.capacityMl && { capacity: line.capacityMl }),
      ...(line.diameterCm && { diameter: line.diameterCm }),
      ...(line.foodSafe !== undefined && { foodSafe: line.foodSafe }),
      ...(line.firedAt && { firedAt: line.firedAt }),
    },
    categories: line.categories,
    tags: [
      ...line.tags,
      ...(lead.speckled ? ['speckled'] : []),
      ...(chance.chance(0.12) ? ['winter kiln'] : []),
    ],
    pictures,
    variants,
    demand: (0.15 + 3 * chance.next() ** 4) * Math.sqrt(3000 / price),
  };
}

/** Things for the workshop that are not made in glazes. */
function supplies(): ProductSeed[] {
  const clays = [
    ['Red earthenware clay', '#a9623f', 1400, 'Throws easily and fires to a warm brick.'],
    ['White stoneware clay', '#d8d3c8', 1700, 'Smooth, pale and strong.'],
    ['Speckled stoneware clay', '#b3aa9a', 1800, 'Iron in the body, freckles in the firing.'],
    ['Black clay', '#3b3635', 2300, 'Dark all through, right to the broken edge.'],
    ['Crank clay for large work', '#8d7a66', 1900, 'Coarse and patient: it forgives a great deal.'],
  ] as const;
  const tools = [
    ['Turning tools, set of five', 5, 3200],
    ['Starter tools', 3, 1400],
    ['Modelling tools, set of seven', 7, 4100],
  ] as const;
  const base = { fields: {}, brand: brands[0], kind: 'single' as const, featured: false, position: null };
  const simple = (
    title: string,
    text: string,
    price: number,
    category: string,
    things: Thing[],
    i: number,
  ): ProductSeed => {
    const chance = random(`supply ${title}`);
    return {
      ...base,
      slug: slugOf(title),
      title,
      shortText: text,
      longText: `${text}\n\nFrom our own store, the same that we use at the wheels.`,
      code: `KC-${2000 + i}`,
      daysOld: 200 + i * 40,
      ratings: Array.from({ length: chance.whole(0, 14) }, () => chance.whole(3, 5)),
      categories: [category],
      tags: ['workshop', 'bought again'],
      pictures: [
        { scene: { seed: title, width: 900, height: 900, ground: chance.pick(grounds), things }, alt: title },
      ],
      variants: [
        {
          glaze: null,
          size: null,
          price,
          reduced: null,
          stock: chance.whole(0, 40),
          code: `KC-${2000 + i}-1`,
          picture: null,
        },
      ],
      demand: chance.between(0.3, 1.5),
    };
  };
  return [
    ...clays.map(([title, colour, price, text], i) =>
      simple(title, text, price, 'clay', [{ draw: 'block', colour }], i),
    ),
    ...tools.map(([title, count, price], i) =>
      simple(
        title,
        'Beech handles, steel that keeps its edge.',
        price,
        'tools',
        [{ draw: 'tools', count }],
        20 + i,
      ),
    ),
    {
      ...simple(
        'Glaze recipes',
        'Twelve of our own glazes, weighed out to the gram, as a file to print.',
        900,
        'glaze-jars',
        [],
        40,
      ),
      kind: 'digital',
      pictures: [],
      variants: [
        { glaze: null, size: null, price: 900, reduced: null, stock: null, code: 'KC-2040-1', picture: null },
      ],
    },
  ];
}

/** Every product of the store. */
export function productSeeds(): ProductSeed[] {
  let at = 0;
  const made = lines.flatMap((line) =>
    random(`glazes of ${line.form}`)
      .shuffled(glazes)
      .slice(0, line.pieces)
      .map((glaze) => makeProduct(line, glaze, (at += 1))),
  );
  return [...made, ...supplies()];
}
