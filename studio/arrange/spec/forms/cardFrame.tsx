import { FRAMES, MOST_INSIDE_PX } from '../../../../core/card/card.ts';
import { capital } from '../../../../core/sentence/sentence.ts';
import { Choice } from '../../../ui/fields.tsx';
import { SettingBox, useSet, VaryingStepper } from '../lines/controls.tsx';
import type { Section } from './section.ts';

/** Cards wrapped, or left plain. */
export const cardFrame: Section = {
  of: 'card.frame',
  Controls({ shelf, on, at }) {
    const set = useSet(on);
    const { frame, inside } = shelf.card;
    return (
      <>
        <SettingBox id="card.frame">
          <Choice
            label="Cards are"
            value={frame}
            options={FRAMES.map((value) => ({ value, words: capital(value) }))}
            onChange={(value) => set('card.frame', value)}
          />
        </SettingBox>
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
