import { everywhere } from '../../../../core/bands/varying.ts';
import {
  HIGHEST_PICTURE_PX,
  LEAST_SCREEN,
  LOWEST_PICTURE_PX,
  MOST_SCREEN,
  MOST_TITLE_LINES,
  RATIOS,
} from '../../../../core/card/card.ts';
import { assortmentOf } from '../../../../core/plan/plan.ts';
import { labelKinds } from '../../../../core/label/label.ts';
import { useDraft } from '../../../studioContext.tsx';
import { Stepper } from '../../../ui/fields.tsx';
import { FormSections } from '../forms/FormSections.tsx';
import { cardSections } from '../forms/ofCard.ts';
import { PartList, Shown } from './CardParts.tsx';
import {
  Hint,
  SettingBox,
  SettingChoice,
  Stack,
  useSet,
  VaryingChoice,
  VaryingStepper,
  type LineProps,
} from './controls.tsx';

/** What stands on a card, in which order, and how its picture and text stand. */
export function Card({ shelf, drawn }: LineProps) {
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const on = { shelf: shelf!.id };
  const set = useSet(on);
  if (!shelf) return null;
  const { card } = shelf;
  const assortment = assortmentOf(plan, shelf);
  const view = drawn?.content.holds === 'shelf' ? drawn.content.shelf : null;
  return (
    <Stack>
      <PartList card={card} of={assortment.of} set={set} />
      {assortment.of === 'products' && (
        <div>
          {labelKinds.map((kind) => (
            <div key={kind.id} style={{ display: 'flex', justifyContent: 'space-between', padding: '4px 0' }}>
              <Shown
                id={kind.id}
                name={kind.name}
                shown={card.shown[kind.id] ?? everywhere(bands, false)}
                set={set}
              />
            </div>
          ))}
          <Hint>Labels stand on the picture.</Hint>
        </div>
      )}
      <SettingChoice
        id="card.picture.by"
        label="Pictures are as high as"
        value={card.picture.by}
        words={{ ratio: 'Proportions say', height: 'A number of px', screen: 'The screen says' }}
        on={on}
      />
      {card.picture.by === 'ratio' ? (
        <VaryingChoice
          id="card.picture.ratio"
          title="Proportions, width to height"
          on={on}
          value={card.picture.ratio}
          options={RATIOS.map((ratio) => ({ value: ratio, words: ratio }))}
        />
      ) : card.picture.by === 'screen' ? (
        <VaryingStepper
          id="card.picture.screen"
          title="Height, % of the screen"
          on={on}
          value={card.picture.screen}
          least={LEAST_SCREEN}
          most={MOST_SCREEN}
          step={5}
        />
      ) : (
        <VaryingStepper
          id="card.picture.height"
          title="Height, px"
          on={on}
          value={card.picture.height}
          least={LOWEST_PICTURE_PX}
          most={HIGHEST_PICTURE_PX}
          step={10}
        />
      )}
      <SettingChoice
        id="card.picture.fit"
        label="The picture"
        value={card.picture.fit}
        words={{ fill: 'Fills its frame', whole: 'Is shown whole' }}
        on={on}
      />
      <SettingBox id="card.titleLines">
        <Stepper
          label="Lines of the title, at most"
          shown
          value={card.titleLines}
          least={1}
          most={MOST_TITLE_LINES}
          onChange={(value) => set('card.titleLines', value)}
        />
      </SettingBox>
      <SettingChoice
        id="card.align"
        label="Text"
        value={card.align}
        words={{ start: 'Start', center: 'Middle', end: 'End' }}
        on={on}
      />
      <FormSections sections={cardSections} shelf={shelf} view={view} />
    </Stack>
  );
}
