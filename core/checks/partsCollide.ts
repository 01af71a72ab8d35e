import { partKind } from '../card/parts/index.ts';
import { overlapping } from '../view/onPicture.ts';
import { acrossSteps } from './acrossSteps.ts';
import { ofShelves, type PageCheck } from './check.ts';
import { withTheText } from './withTheText.ts';

/** Parts and labels on pictures that come over each other where pictures are narrow. */
export const partsCollide: PageCheck = {
  id: 'parts-collide',
  title: 'Parts that come over each other on the picture',
  severity: 'weak',
  reads: 'page',
  find: (view) =>
    ofShelves(view, (shelf) => {
      const found = acrossSteps(shelf, view.bands, overlapping, (part) => part);
      if (!found) return null;
      const { first: id, bandIds, where } = found;
      return {
        text: `${partKind(id)!.name} comes over something else on the picture ${where}`,
        element: id,
        fix: withTheText(shelf, id, bandIds, view.bands),
        goTo: 'card',
      };
    }),
};
