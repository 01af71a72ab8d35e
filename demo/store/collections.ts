import { thing } from './categories.ts';
import type { Group } from '../../core/assortment/rule.ts';
import type { Thing } from '../pictures/scene.ts';

export interface CollectionSeed {
  slug: string;
  name: string;
  description: string;
  picture: Thing[];
  /** Which products belong to it; with a rule, whatever that holds for. */
  tag: string;
  rule?: Group;
}

export const collectionSeeds: readonly CollectionSeed[] = [
  {
    slug: 'winter-kiln',
    name: 'Winter kiln',
    description: 'The slow firing of the dark months.',
    tag: 'winter kiln',
    picture: [thing('floorVase', 'Midnight'), thing('deepBowl', 'Peat')],
  },
  {
    slug: 'first-light',
    name: 'First light',
    description: 'All that a morning needs.',
    tag: 'morning',
    picture: [thing('mug', 'Sandbar', ['handle']), thing('bowl', 'Chalk', [], 0.9)],
  },
  {
    slug: 'for-sharing',
    name: 'For sharing',
    description: 'Large pieces for full tables.',
    tag: 'sharing',
    picture: [thing('wideBowl', 'Tidewrack')],
  },
  {
    slug: 'small-pieces',
    name: 'Small pieces',
    description: 'Little things that travel well.',
    tag: 'small',
    picture: [thing('budVase', 'Heather'), thing('espresso', 'Amber', ['handle'], 0.8)],
  },
  {
    slug: 'bought-again',
    name: 'Bought again and again',
    description: 'What people come back for.',
    tag: 'bought again',
    picture: [thing('mug', 'Rustfall', ['handle'])],
  },
  {
    slug: 'marked-down',
    name: 'Marked down',
    description: 'A quarter off or more.',
    tag: '',
    rule: { join: 'all', parts: [{ is: 'reduced', percent: 25 }] },
    picture: [thing('jug', 'Samphire', ['handle', 'lip'])],
  },
];
