import type { Thing } from '../pictures/scene.ts';
import { glazeNamed } from './glazes.ts';
import type { ProfileName } from '../pictures/profiles.ts';
import type { Extra } from '../pictures/piece.ts';

export interface CategorySeed {
  slug: string;
  name: string;
  description: string;
  extraLine?: string;
  /** None where the owner has not given one. */
  picture?: Thing[];
  catchAll?: boolean;
  below?: CategorySeed[];
}

export const thing = (profile: ProfileName, glaze: string, extras: Extra[] = [], scale = 1): Thing => ({
  draw: 'piece',
  piece: { profile, glaze: glazeNamed(glaze), extras, finish: 'bareFoot' },
  scale,
});

/** The tree of Kelverstone Clayworks: four levels, with empty ones, ones without a picture and a catch-all. */
export const categorySeeds: readonly CategorySeed[] = [
  {
    slug: 'tableware',
    name: 'Tableware',
    description: 'Plates, bowls and cups that are meant to be used every day.',
    extraLine: 'Safe in the dishwasher',
    picture: [thing('rimmedPlate', 'Oatmeal'), thing('bowl', 'Fogbank', [], 0.9)],
    below: [
      {
        slug: 'plates',
        name: 'Plates',
        description: 'From bread to roast, all from the same clay.',
        picture: [thing('plate', 'Pebble')],
        below: [
          {
            slug: 'dinner-plates',
            name: 'Dinner plates',
            description: 'Around 27 cm, with room for a whole meal.',
            picture: [thing('rimmedPlate', 'Chalk')],
            below: [
              {
                slug: 'rimmed-plates',
                name: 'Rimmed plates',
                description: 'With a broad rim to carry them by.',
                picture: [thing('rimmedPlate', 'Inkwell')],
              },
              {
                slug: 'coupe-plates',
                name: 'Coupe plates',
                description: 'Without a rim, gently turned up.',
                picture: [thing('plate', 'Lichen')],
              },
            ],
          },
          {
            slug: 'side-plates',
            name: 'Side plates',
            description: 'For bread, cake and seconds.',
            picture: [thing('plate', 'Heather')],
          },
          {
            slug: 'platters',
            name: 'Platters',
            description: 'Wide enough for the middle of the table.',
            picture: [thing('platter', 'Amber')],
          },
        ],
      },
      {
        slug: 'bowls',
        name: 'Bowls',
        description: 'Small ones for rice, big ones for everyone.',
        picture: [thing('deepBowl', 'Tidewrack')],
        below: [
          {
            slug: 'serving-bowls',
            name: 'Serving bowls',
            description: 'They go from the kitchen to the table.',
            picture: [thing('wideBowl', 'Rustfall')],
            below: [
              {
                slug: 'wide-bowls',
                name: 'Wide bowls',
                description: 'Low and open.',
                picture: [thing('wideBowl', 'Sandbar')],
              },
              {
                slug: 'deep-bowls',
                name: 'Deep bowls',
                description: 'Tall sides, steady foot.',
                picture: [thing('deepBowl', 'Midnight')],
              },
            ],
          },
          {
            slug: 'everyday-bowls',
            name: 'Everyday bowls',
            description: 'For porridge, soup and noodles.',
            picture: [thing('bowl', 'Samphire')],
          },
        ],
      },
      {
        slug: 'mugs-and-cups',
        name: 'Mugs and cups',
        description: 'Each handle is pulled by hand.',
        picture: [thing('mug', 'Rustfall', ['handle'])],
      },
      {
        slug: 'jugs',
        name: 'Jugs and ewers',
        description: 'They pour without a drip.',
        picture: [thing('jug', 'Chalk', ['handle', 'lip'])],
      },
      {
        slug: 'condiments',
        name: 'Butter, salt and oil',
        description: 'The small things beside the bread.',
        picture: [thing('saltPig', 'Oatmeal')],
      },
    ],
  },
  {
    slug: 'vases',
    name: 'Vases',
    description: 'For one stem or for the whole garden.',
    picture: [thing('tallVase', 'Inkwell')],
    below: [
      {
        slug: 'tall-vases',
        name: 'Tall vases',
        description: 'For branches and long stems.',
        picture: [thing('tallVase', 'Tidewrack')],
      },
      {
        slug: 'bud-vases',
        name: 'Bud vases',
        description: 'For a single flower on a sill.',
        picture: [thing('budVase', 'Heather')],
      },
      {
        slug: 'stem-vases',
        name: 'Stem vases',
        description: 'A round foot, a narrow neck.',
        picture: [thing('stemVase', 'Peat')],
      },
      { slug: 'floor-vases', name: 'Floor vases', description: 'Large pieces, thrown in two parts.' },
    ],
  },
  {
    slug: 'planters',
    name: 'Planters',
    description: 'Pots that breathe, saucers that hold.',
    picture: [thing('pot', 'Rustfall'), thing('roundPot', 'Lichen', [], 0.8)],
    below: [
      {
        slug: 'pots',
        name: 'Pots',
        description: 'With a hole for the water to leave.',
        picture: [thing('pot', 'Sandbar')],
      },
      {
        slug: 'saucers',
        name: 'Saucers',
        description: 'To stand under any of our pots.',
        picture: [thing('saucer', 'Pebble')],
      },
      {
        slug: 'hanging-planters',
        name: 'Hanging planters',
        description: 'In the making; nothing fired yet.',
      },
    ],
  },
  {
    slug: 'teaware',
    name: 'Teaware',
    description: 'Pots, cups and caddies for slow afternoons.',
    picture: [thing('teapot', 'Lichen', ['handle', 'spout', 'lid'])],
    below: [
      {
        slug: 'teapots',
        name: 'Teapots',
        description: 'For two cups, four or eight.',
        picture: [thing('teapot', 'Inkwell', ['handle', 'spout', 'lid'])],
      },
      {
        slug: 'tea-cups',
        name: 'Tea cups',
        description: 'Without a handle, warm in the hand.',
        picture: [thing('beaker', 'Chalk')],
      },
      {
        slug: 'caddies',
        name: 'Caddies',
        description: 'With lids that close.',
        picture: [thing('caddy', 'Peat', ['lid'])],
      },
    ],
  },
  {
    slug: 'tiles',
    name: 'Tiles',
    description: 'Pressed one at a time, glazed in small lots.',
    picture: [{ draw: 'tiles', glaze: 'Tidewrack', across: 3, relief: 'arcs' }],
    below: [
      {
        slug: 'wall-tiles',
        name: 'Wall tiles',
        description: 'For kitchens and bathrooms.',
        picture: [{ draw: 'tiles', glaze: 'Fogbank', across: 3, relief: 'plain' }],
        below: [
          {
            slug: 'plain-tiles',
            name: 'Plain tiles',
            description: 'One glaze, no two alike.',
            picture: [{ draw: 'tiles', glaze: 'Chalk', across: 3, relief: 'plain' }],
          },
          {
            slug: 'relief-tiles',
            name: 'Relief tiles',
            description: 'Arcs and leaves, pressed by hand.',
            picture: [{ draw: 'tiles', glaze: 'Amber', across: 2, relief: 'leaf' }],
          },
        ],
      },
      { slug: 'hearth-tiles', name: 'Hearth tiles', description: 'Thick enough to stand the heat.' },
    ],
  },
  {
    slug: 'clay-and-glazes',
    name: 'Clay and glazes',
    description: 'What we work with, for those who work too.',
    picture: [{ draw: 'block', colour: '#a9764f' }],
    below: [
      {
        slug: 'clay',
        name: 'Clay',
        description: 'In blocks, ready to be wedged.',
        picture: [{ draw: 'block', colour: '#8b8f90' }],
      },
      {
        slug: 'glaze-jars',
        name: 'Glazes',
        description: 'Mixed and sieved, in jars.',
        picture: [thing('jar', 'Samphire', ['lid'])],
      },
      {
        slug: 'tools',
        name: 'Tools',
        description: 'Ribs, loops and needles.',
        picture: [{ draw: 'tools', count: 5 }],
      },
    ],
  },
  {
    slug: 'workshop-seats',
    name: 'Workshop seats',
    description: 'Fired stools at the height of a wheel.',
    picture: [thing('stool', 'Peat')],
    below: [
      {
        slug: 'stools',
        name: 'Stools',
        description: 'They stand on any floor.',
        picture: [thing('stool', 'Fogbank')],
      },
      { slug: 'benches', name: 'Benches', description: 'Planned for the spring.' },
    ],
  },
  {
    slug: 'gift-sets',
    name: 'Gift sets',
    description: 'Put together, wrapped and ready to be given.',
    picture: [thing('mug', 'Heather', ['handle']), thing('teapot', 'Heather', ['handle', 'spout', 'lid'])],
  },
  { slug: 'unsorted', name: 'Unsorted', description: 'Pieces that have no place yet.', catchAll: true },
];
