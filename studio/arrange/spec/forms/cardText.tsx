import { LEAST_SHARE, MOST_SHARE } from '../../../../core/card/card.ts';
import { COMINGS, isAside, SIDES } from '../../../../core/card/placing.ts';
import { valueAt } from '../../../../core/bands/varying.ts';
import { formKind, formsOf } from '../../../../core/forms/index.ts';
import { capital } from '../../../../core/sentence/sentence.ts';
import { useDraft } from '../../../studioContext.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import {
  Hint,
  SettingBox,
  SettingChoice,
  useSet,
  VaryingChoice,
  VaryingStepper,
} from '../lines/controls.tsx';
import type { Section, SectionProps } from './section.ts';

const groundWords = { light: 'Light', dark: 'Dark', none: 'Nothing' };
const whenWords = { always: 'Always', pointed: 'When pointed at' };
const comingWords = { atOnce: 'It is there at once', fades: 'It fades in', rises: 'It rises in' };

/** Which side of the picture text stands at. */
export const textSide: Section = {
  of: 'card.text.side',
  Controls({ shelf, on, at }) {
    const bands = useDraft((state) => state.plan.house.bands);
    return (
      <>
        <VaryingChoice
          id="card.text.side"
          title="Text stands"
          on={on}
          value={shelf.card.text.side}
          options={SIDES.map((value) => ({ value, words: `${capital(value)} the picture` }))}
          at={at}
        />
        {formsOf(shelf.form, bands).includes('list') && (
          <Hint>In a list it stands before or after the picture.</Hint>
        )}
      </>
    );
  },
};

/** How wide text at a side is, and how far it reaches over the picture. */
function OverControls({ shelf, on, at }: SectionProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const { text } = shelf.card;
  const aside = at.filter((band) => isAside({ side: valueAt(text.side, bands, band) }));
  const over = at.some((band) => valueAt(text.reach, bands, band) > 0);
  return (
    <>
      {aside.length > 0 && (
        <VaryingStepper
          id="card.text.share"
          title="Width of the text, % of the card"
          on={on}
          value={text.share}
          least={LEAST_SHARE}
          most={MOST_SHARE}
          step={5}
          at={aside}
        />
      )}
      <VaryingStepper
        id="card.text.reach"
        title="Reaches over the picture, %"
        on={on}
        value={text.reach}
        least={0}
        most={100}
        step={10}
        at={at}
      />
      {formsOf(shelf.form, bands).includes('masonry') && (
        <Hint>In masonry it reaches over the picture only from a side.</Hint>
      )}
      {over && (
        <SettingChoice
          id="card.text.ground"
          label="Under text on a picture"
          value={text.ground}
          words={groundWords}
          on={on}
        />
      )}
    </>
  );
}

export const textOver: Section = { of: 'card.text.reach', Controls: OverControls };

/** When text on a picture is there, and how it comes. */
export const textWhen: Section = {
  of: 'card.text.when',
  Controls({ shelf, on, at }) {
    const bands = useDraft((state) => state.plan.house.bands);
    const set = useSet(on);
    const { text } = shelf.card;
    const forms = formsOf(shelf.form, bands);
    const slides = forms.includes('slider');
    const onGround = forms.some((id) => formKind(id).card === 'ground');
    if (!onGround && !at.some((band) => valueAt(text.reach, bands, band) > 0)) return null;
    return (
      <>
        <SettingChoice
          id="card.text.when"
          label="Text on a picture is there"
          value={text.when}
          words={whenWords}
          on={on}
        />
        {text.when === 'pointed' && (
          <Hint>By touch it is always there; with the keyboard when the card is come to.</Hint>
        )}
        {(text.when === 'pointed' || slides) && (
          <SettingBox id="card.text.comes">
            <Pick
              label={slides ? 'With each slide, and when pointed at' : 'When pointed at'}
              value={text.comes}
              options={COMINGS.map((value) => ({ value, words: comingWords[value] }))}
              onChange={(value) => set('card.text.comes', value)}
            />
          </SettingBox>
        )}
      </>
    );
  },
};
