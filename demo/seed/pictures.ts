import sharp from 'sharp';
import { ingestPicture, type StoredFile } from '../../server/pictures/ingest.ts';
import { sceneSvg, swatchSvg, type Scene } from '../pictures/scene.ts';
import { thing, type CategorySeed } from '../store/categories.ts';
import { collectionSeeds } from '../store/collections.ts';
import { glazes } from '../store/glazes.ts';
import { journalSeeds } from '../store/journal.ts';
import type { ProductSeed } from '../store/products.ts';

export const bannerScene: Scene = {
  seed: 'banner',
  width: 1800,
  height: 760,
  ground: '#d9ccb4',
  aside: 0.27,
  things: [
    thing('tallVase', 'Inkwell', [], 0.62),
    thing('deepBowl', 'Chalk', [], 0.62),
    thing('jug', 'Samphire', ['handle', 'lip'], 0.56),
  ],
};

const still = (things: Scene['things'], seed: string, width = 800, height = 800): Scene => ({
  seed,
  width,
  height,
  things,
  ground: '#e6ddcd',
});

export const categoryScene = (seed: CategorySeed): Scene =>
  still(seed.picture ?? [], `category ${seed.slug}`);

export const collectionScene = (seed: (typeof collectionSeeds)[number]): Scene =>
  still(seed.picture, seed.slug, 1400, 700);

export const entryScene = (seed: (typeof journalSeeds)[number]): Scene =>
  still(seed.picture, seed.slug, 1200, 800);

const scaled = (scene: Scene, share: number): Scene => ({
  ...scene,
  width: Math.round(scene.width * share),
  height: Math.round(scene.height * share),
});

const sceneKey = (scene: Scene) => JSON.stringify(scene);

/** Every picture of the store, drawn and cut into its sizes. */
export interface DrawnPictures {
  /** Address of the picture of a scene. */
  of(scene: Scene): string;
  /** Address of the picture of a speckled glaze. */
  swatch(glaze: string): string;
  all: readonly StoredFile[];
}

/** Each once, two at a time, since that is where the time goes. */
async function drawEach(scenes: readonly { key: string; svg: string }[]): Promise<Map<string, StoredFile>> {
  const drawn = new Map<string, StoredFile>();
  const queue = [...new Map(scenes.map((scene) => [scene.key, scene])).values()];
  const work = async () => {
    for (let next = queue.pop(); next; next = queue.pop())
      drawn.set(next.key, await ingestPicture(Buffer.from(next.svg)));
  };
  await Promise.all(Array.from({ length: 2 }, work));
  return drawn;
}

export async function drawPictures(
  products: readonly ProductSeed[],
  categories: readonly CategorySeed[],
  scale: number,
): Promise<DrawnPictures> {
  const scenes: Scene[] = [
    bannerScene,
    ...categories.filter((one) => one.picture).map(categoryScene),
    ...collectionSeeds.map(collectionScene),
    ...journalSeeds.map(entryScene),
    ...products.flatMap((one) => [
      ...one.pictures.map(({ scene }) => scene),
      ...one.variants.flatMap(({ picture }) => picture ?? []),
    ]),
  ];
  sharp.concurrency(1);
  const drawn = await drawEach([
    ...scenes.map((scene) => ({ key: sceneKey(scene), svg: sceneSvg(scaled(scene, scale)) })),
    ...glazes
      .filter((glaze) => glaze.speckled)
      .map((glaze) => ({ key: `swatch ${glaze.name}`, svg: swatchSvg(glaze.name) })),
  ]);
  return {
    of: (scene) => drawn.get(sceneKey(scene))!.id,
    swatch: (glaze) => drawn.get(`swatch ${glaze}`)!.id,
    all: [...drawn.values()].sort((a, b) => (a.id < b.id ? -1 : 1)),
  };
}

/** What each picture is called in the store, by its address. */
export function pictureNames(
  pictures: DrawnPictures,
  products: readonly ProductSeed[],
  categories: readonly CategorySeed[],
): ReadonlyMap<string, string> {
  return new Map([
    [pictures.of(bannerScene), 'Banner: three pieces'],
    ...categories
      .filter(({ picture }) => picture)
      .map((one) => [pictures.of(categoryScene(one)), one.name] as const),
    ...collectionSeeds.map((one) => [pictures.of(collectionScene(one)), one.name] as const),
    ...journalSeeds.map((one) => [pictures.of(entryScene(one)), one.title] as const),
    ...glazes
      .filter(({ speckled }) => speckled)
      .map(({ name }) => [pictures.swatch(name), `${name}, speckled`] as const),
    ...products.flatMap(({ title, variants }) =>
      variants.flatMap(({ picture, glaze }) =>
        picture ? [[pictures.of(picture), `${title} in ${glaze?.toLowerCase()}`] as const] : [],
      ),
    ),
    ...products.flatMap((one) => one.pictures.map(({ scene, alt }) => [pictures.of(scene), alt] as const)),
  ]);
}
