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
import { Choice, Stepper } from '../../../ui/fields.tsx';
import { FormSections } from '../forms/FormSections.tsx';
import { cardSections } from '../forms/ofCard.ts';
import { PartList, Shown } from './CardParts.tsx';
import {
  Hint,
  SettingBox,
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
  const set = useSet({ shelf: shelf!.id });
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
      <SettingBox id="card.picture.by">
        <Choice
          label="Pictures are as high as"
          value={card.picture.by}
          options={[
            { value: 'ratio', words: 'Proportions say' },
            { value: 'height', words: 'A number of px' },
            { value: 'screen', words: 'The screen says' },
          ]}
          onChange={(value) => set('card.picture.by', value)}
        />
      </SettingBox>
      {card.picture.by === 'ratio' ? (
        <VaryingChoice
          id="card.picture.ratio"
          title="Proportions, width to height"
          on={{ shelf: shelf.id }}
          value={card.picture.ratio}
          options={RATIOS.map((ratio) => ({ value: ratio, words: ratio }))}
        />
      ) : card.picture.by === 'screen' ? (
        <VaryingStepper
          id="card.picture.screen"
          title="Height, % of the screen"
          on={{ shelf: shelf.id }}
          value={card.picture.screen}
          least={LEAST_SCREEN}
          most={MOST_SCREEN}
          step={5}
        />
      ) : (
        <VaryingStepper
          id="card.picture.height"
          title="Height, px"
          on={{ shelf: shelf.id }}
          value={card.picture.height}
          least={LOWEST_PICTURE_PX}
          most={HIGHEST_PICTURE_PX}
          step={10}
        />
      )}
      <SettingBox id="card.picture.fit">
        <Choice
          label="The picture"
          value={card.picture.fit}
          options={[
            { value: 'fill', words: 'Fills its frame' },
            { value: 'whole', words: 'Is shown whole' },
          ]}
          onChange={(value) => set('card.picture.fit', value)}
        />
      </SettingBox>
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
      <SettingBox id="card.align">
        <Choice
          label="Text"
          value={card.align}
          options={[
            { value: 'start', words: 'Start' },
            { value: 'center', words: 'Middle' },
            { value: 'end', words: 'End' },
          ]}
          onChange={(value) => set('card.align', value)}
        />
      </SettingBox>
      <FormSections sections={cardSections} shelf={shelf} view={view} />
    </Stack>
  );
}
