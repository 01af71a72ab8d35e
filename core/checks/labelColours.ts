import { contrast, LEAST_CONTRAST, nearestPassing, sayContrast } from '../colour/contrast.ts';
import { labelForms } from '../label/labelForms.ts';
import { lowered } from '../sentence/sentence.ts';
import type { PlanCheck } from './check.ts';

/** Labels whose own colours do not stand out from each other. */
export const labelColours: PlanCheck = {
  id: 'label-colours',
  title: 'Labels that do not stand out from their own background',
  severity: 'wrong',
  reads: 'plan',
  find: ({ house }, names) =>
    house.labels.list.flatMap((label) => {
      if (label.ground === undefined && label.ink === undefined) return [];
      const [form] = labelForms([label], house.colours, names);
      if (!form) return [];
      const { background, textColour } = { ...form.atFirst, ...form.own } as Record<string, string>;
      const ratio = contrast(textColour!, background!);
      if (ratio >= LEAST_CONTRAST) return [];
      // Black or white stands out from any one colour.
      const ink = nearestPassing(textColour!, [background!], LEAST_CONTRAST)!;
      return {
        at: { on: 'house' },
        text: `Low contrast: ${lowered(form.name!)}, ${sayContrast(ratio)}:1 on ${background}, needs ${LEAST_CONTRAST}:1`,
        element: 'label',
        fix: {
          words: `Use ${ink}`,
          command: {
            do: 'set',
            on: { house: true },
            setting: 'labels.list',
            value: house.labels.list.map((one) => (one.id === label.id ? { ...one, ink } : one)),
          },
        },
        goTo: 'labels',
      };
    }),
};
