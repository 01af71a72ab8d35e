import { MOST_INSIDE_PX } from '../../../../core/card/card.ts';
import { SettingChoice, VaryingStepper } from '../lines/controls.tsx';
import type { Section } from './section.ts';

const frameWords = { plain: 'Plain', framed: 'Framed', shadowed: 'Shadowed' };

/** Cards wrapped, or left plain. */
export const cardFrame: Section = {
  of: 'card.frame',
  Controls({ shelf, on, at }) {
    const { frame, inside } = shelf.card;
    return (
      <>
        <SettingChoice id="card.frame" label="Cards are" value={frame} words={frameWords} on={on} />
        {frame !== 'plain' && (
          <VaryingStepper
            id="card.inside"
            title="Space within the frame, px"
            on={on}
            value={inside}
            least={0}
            most={MOST_INSIDE_PX}
            step={2}
            at={at}
          />
        )}
      </>
    );
  },
};
