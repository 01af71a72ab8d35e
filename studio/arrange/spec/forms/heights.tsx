import { LEAST_SCREEN, MOST_SCREEN, SLIDE_RATIOS } from '../../../../core/card/card.ts';
import { SettingChoice, VaryingChoice, VaryingStepper, VaryingSwitch } from '../lines/controls.tsx';
import type { Section, SectionProps } from './section.ts';

export const equalHeights: Section = {
  of: 'equalHeights',
  Controls: ({ shelf, on, at }) => (
    <VaryingSwitch
      id="equalHeights"
      title="Cards of equal height"
      on={on}
      value={shelf.equalHeights}
      at={at}
    />
  ),
};

/** Slides as high as proportions say, or as a share of the screen. */
function SlideHeight({ shelf, on, at }: SectionProps) {
  return (
    <>
      <SettingChoice
        id="slideBy"
        label="Slides are as high as"
        value={shelf.slideBy}
        words={{ ratio: 'Proportions say', screen: 'The screen says' }}
        on={on}
      />
      {shelf.slideBy === 'ratio' ? (
        <VaryingChoice
          id="slideRatio"
          title="Proportions of a slide"
          on={on}
          value={shelf.slideRatio}
          options={SLIDE_RATIOS.map((value) => ({ value, words: value }))}
          at={at}
        />
      ) : (
        <VaryingStepper
          id="slideScreen"
          title="Height of a slide, % of the screen"
          on={on}
          value={shelf.slideScreen}
          least={LEAST_SCREEN}
          most={MOST_SCREEN}
          step={5}
          at={at}
        />
      )}
    </>
  );
}

export const slideHeight: Section = { of: 'slideBy', Controls: SlideHeight };
