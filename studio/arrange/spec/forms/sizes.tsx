import { LEAST_SCREEN, MOST_SCREEN, SLIDE_RATIOS } from '../../../../core/card/card.ts';
import {
  LARGEST_LIST_PICTURE_PX,
  MOST_SPREAD_ITEMS,
  MOST_VISIBLE,
  SMALLEST_LIST_PICTURE_PX,
} from '../../../../core/plan/shelf.ts';
import { Choice } from '../../../ui/fields.tsx';
import {
  Hint,
  SettingBox,
  useSet,
  VaryingChoice,
  VaryingStepper,
  VaryingSwitch,
} from '../lines/controls.tsx';
import type { Section, SectionProps } from './section.ts';

export const equalHeights: Section = {
  of: 'equalHeights',
  line: 'form',
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
  const set = useSet(on);
  return (
    <>
      <SettingBox id="slideBy">
        <Choice
          label="Slides are as high as"
          value={shelf.slideBy}
          options={[
            { value: 'ratio', words: 'Proportions say' },
            { value: 'screen', words: 'The screen says' },
          ]}
          onChange={(value) => set('slideBy', value)}
        />
      </SettingBox>
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

export const slideHeight: Section = { of: 'slideBy', line: 'form', Controls: SlideHeight };

export const visible: Section = {
  of: 'visible',
  line: 'across',
  Controls: ({ shelf, on, at }) => (
    <>
      <VaryingStepper
        id="visible"
        title="In sight at once"
        on={on}
        value={shelf.visible}
        least={1}
        most={MOST_VISIBLE}
        step={0.1}
        at={at}
      />
      <Hint>A part of one, as in 2.3, lets the edge of the next show that there is more.</Hint>
    </>
  ),
};

export const listPicture: Section = {
  of: 'listPicture',
  line: 'across',
  Controls: ({ shelf, on, at }) => (
    <VaryingStepper
      id="listPicture"
      title="Width of the picture, px"
      on={on}
      value={shelf.listPicture}
      least={SMALLEST_LIST_PICTURE_PX}
      most={LARGEST_LIST_PICTURE_PX}
      step={10}
      at={at}
    />
  ),
};

export const spread: Section = {
  of: 'spread',
  line: 'across',
  Controls: ({ shelf, on, at }) => (
    <>
      <VaryingSwitch
        id="spread.facing"
        title="Two pages facing"
        on={on}
        value={shelf.spread.facing}
        at={at}
      />
      <VaryingStepper
        id="spread.items"
        title="Items of a page"
        on={on}
        value={shelf.spread.items}
        least={1}
        most={MOST_SPREAD_ITEMS}
        at={at}
      />
    </>
  ),
};
