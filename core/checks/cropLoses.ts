import { bandById, type Bands } from '../bands/bands.ts';
import { ratioValue, RATIOS } from '../card/ratio.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { fillCrop } from '../picture/crop.ts';
import type { Command } from '../plan/commands.ts';
import { listed } from '../sentence/sentence.ts';
import type { ShelfView } from '../view/view.ts';
import { keptForShelf } from '../view/keptForShelf.ts';
import { ofShelves, type Fix, type FoundOnShelf, type PageCheck } from './check.ts';
import { picturesAt } from './shelfPictures.ts';

/** More than this share of the pictures of a shelf should not be cut off, on average. */
const MOST_LOST = 0.25;

const lossIn = (ratio: number, { width, height, focal }: PictureFacts): number =>
  fillCrop(ratio, width / height, focal).loss;

const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;

/** The ratio in which the pictures lose least, where that is little enough. */
function leastLoss(pictures: readonly PictureFacts[]): (typeof RATIOS)[number] | null {
  const losses = RATIOS.map((ratio) => {
    const value = ratioValue(ratio);
    return { ratio, loss: mean(pictures.map((picture) => lossIn(value, picture))) };
  });
  const [best] = losses.sort((a, b) => a.loss - b.loss);
  return best!.loss <= MOST_LOST ? best!.ratio : null;
}

const ratioFix = (shelf: ShelfView, ratio: string, bandIds: readonly string[]): Fix => ({
  words: `Use ${ratio}`,
  command: {
    do: 'together',
    commands: [
      // Pictures may go by a size of the store, which others go by too.
      ...(shelf.card.parts.picture.by === 'ratio'
        ? []
        : [
            { do: 'set', on: { shelf: shelf.id }, setting: 'card.parts.picture.by', value: 'ratio' } as const,
          ]),
      ...bandIds.map((band): Command => ({
        do: 'set',
        on: { shelf: shelf.id },
        setting: 'card.parts.picture.ratio',
        band,
        value: ratio,
      })),
    ],
  },
});

const keep = keptForShelf<FoundOnShelf | null>();

function cutOn(shelf: ShelfView, bands: Bands): FoundOnShelf | null {
  const cut = shelf.steps.flatMap((step) => {
    const { picture: shape } = step;
    if (shape.by !== 'ratio') return [];
    const pictures = picturesAt(shelf, step).flatMap(({ picture, fills }) => (fills ? [picture] : []));
    const losses = pictures.map((picture) => lossIn(shape.ratio, picture));
    return pictures.length > 0 && mean(losses) > MOST_LOST ? [{ step, pictures, losses }] : [];
  });
  const [worst] = [...cut].sort((a, b) => mean(b.losses) - mean(a.losses));
  if (!worst) return null;
  const bandIds = [...new Set(cut.map(({ step }) => step.bandId))];
  const names = listed(bandIds.map((id) => bandById(bands, id)!.name));
  const percent = (share: number) => `${Math.round(share * 100)}%`;
  const ratio = leastLoss(cut.flatMap(({ pictures }) => pictures));
  return {
    text: `Pictures lose ${percent(mean(worst.losses))} on average on ${names}, ${percent(Math.max(...worst.losses))} at worst`,
    fix: ratio && ratioFix(shelf, ratio, bandIds),
    goTo: 'card',
  };
}

/** Pictures of which much is cut off, since they fill a frame of other proportions (calculations §9). */
export const cropLoses: PageCheck = {
  id: 'crop-loses',
  title: 'Pictures of which much is cut off',
  severity: 'weak',
  reads: 'page',
  find: (view) => ofShelves(view, (shelf) => keep(shelf, view.bands, () => cutOn(shelf, view.bands))),
};
