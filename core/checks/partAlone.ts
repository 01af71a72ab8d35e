import { valueAt } from '../bands/varying.ts';
import { partKind, partKinds } from '../card/parts/index.ts';
import { ofPart } from '../card/shown.ts';
import { listed } from '../sentence/sentence.ts';
import { ofShelves, type PageCheck } from './check.ts';

/** Parts that do something only together with another one, at widths at which that one is not there. */
export const partAlone: PageCheck = {
  id: 'part-alone',
  title: 'Parts that do nothing without another one',
  severity: 'wrong',
  reads: 'page',
  find: (view) =>
    ofShelves(view, ({ id: shelf, of, card }) => {
      for (const { id, name, of: items, goesWith } of partKinds) {
        if (goesWith === undefined || !items.includes(of)) continue;
        const [own, other] = [ofPart(card, id)!, ofPart(card, goesWith)!];
        const at = (part: typeof own, band: string) => valueAt(part.shown, view.bands, band);
        const alone = view.bands.filter((band) => at(own, band.id) && !at(other, band.id));
        if (alone.length === 0) continue;
        const otherName = partKind(goesWith)!.name.toLowerCase();
        const where =
          alone.length === view.bands.length ? '' : ` on ${listed(alone.map((band) => band.name))}`;
        return {
          text: `${name} does nothing without the ${otherName}${where}`,
          fix: {
            words: `Add the ${otherName}`,
            command: {
              do: 'set',
              on: { shelf },
              setting: `card.parts.${goesWith}.shown`,
              value: Object.fromEntries(
                view.bands.map((band) => [band.id, at(own, band.id) || at(other, band.id)]),
              ),
            },
          },
          goTo: 'card',
        };
      }
      return null;
    }),
};
