import { colourValue, type HouseColour } from '../style/houseColour.ts';
import type { Names } from '../sentence/sentence.ts';
import type { Form } from '../style/element.ts';
import { labelKind } from './labels/index.ts';
import { labelName } from './sayLabel.ts';
import type { StoreLabel } from './storeLabel.ts';

/** What each label is drawn in where no style says otherwise; its own colours come over what the house sets. */
export const labelForms = (
  labels: readonly StoreLabel[],
  colours: Readonly<Record<HouseColour, string>>,
  names: Pick<Names, 'tag'>,
): Form[] =>
  labels.flatMap((label) => {
    const kind = labelKind(label.kind);
    if (!kind || label.picture !== undefined) return [];
    const { ground, ink } = label;
    const called = labelName(label, names);
    const [background, textColour] = kind.colours.map((one) => colourValue(one, colours));
    return {
      name: label.words ? `${called}, “${label.words}”` : called,
      atFirst: { background, textColour },
      own: { ...(ground && { background: ground }), ...(ink && { textColour: ink }) },
    };
  });
