import { labelPlace, placeOf } from '../label/labelPlaces.ts';
import { lowered } from '../sentence/sentence.ts';
import { labelName } from '../label/sayLabel.ts';
import { labelsOver } from '../view/onPicture.ts';
import { acrossSteps } from './acrossSteps.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** Labels in two corners that come over each other where pictures are narrow. */
export const labelsCollide: PageCheck = {
  id: 'labels-collide',
  title: 'Labels that come over each other',
  severity: 'weak',
  reads: 'page',
  find: (view, { house }, names) =>
    ofShelves(view, (shelf) => {
      const found = acrossSteps(shelf, view.bands, labelsOver, ({ id }) => id);
      const label = found && house.labels.list.find(({ id }) => id === found.first.id);
      if (!found || !label) return null;
      const { at, to } = found.first;
      return {
        text: `${labelName(label, names)} comes over another label ${found.where}`,
        fix: {
          words: `Put it in the ${lowered(labelPlace(to).name)}`,
          command: {
            do: 'set',
            on: { house: true },
            setting: 'labels.list',
            // All that stand there go along.
            value: house.labels.list.map((one) => (placeOf(one) === at ? { ...one, at: to } : one)),
          },
        },
        goTo: 'card',
      };
    }),
};
