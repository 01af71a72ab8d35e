import { GripVertical } from 'lucide-react';
import { Button, GridList, GridListItem, ToggleButton, useDragAndDrop } from 'react-aria-components';
import styled from 'styled-components';
import { everywhere, valueAt, type Varying } from '../../../../core/bands/varying.ts';
import {
  HIGHEST_PICTURE_PX,
  LOWEST_PICTURE_PX,
  MOST_TITLE_LINES,
  RATIOS,
  type Card as CardSettings,
} from '../../../../core/card/card.ts';
import type { Of } from '../../../../core/assortment/assortment.ts';
import { assortmentOf } from '../../../../core/plan/plan.ts';
import { partsOf } from '../../../../core/card/parts/index.ts';
import { labelKinds } from '../../../../core/label/label.ts';
import { useDraft } from '../../../studioContext.tsx';
import { Choice, Stepper, Switch } from '../../../ui/fields.tsx';
import { t } from '../../../ui/theme.ts';
import {
  Hint,
  SettingBox,
  Stack,
  useSet,
  VaryingChoice,
  VaryingStepper,
  type LineProps,
} from './controls.tsx';

const Parts = styled(GridList)`
  outline: none;
  display: flex;
  flex-direction: column;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid ${t.pine};
  }
`;

const PartRow = styled(GridListItem)`
  display: grid;
  grid-template-columns: 22px 1fr auto;
  align-items: center;
  gap: 4px;
  min-height: 34px;
  border-top: 1px solid ${t.line};
  outline: none;
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
    border-radius: 4px;
  }
  .grip {
    border: 0;
    background: none;
    padding: 4px 2px;
    cursor: grab;
    color: ${t.edge};
    display: grid;
  }
`;

const Widths = styled.span`
  display: inline-flex;
  gap: 2px;
  button {
    border: 1px solid ${t.line};
    background: #fff;
    border-radius: 4px;
    min-width: 22px;
    height: 22px;
    padding: 0 4px;
    font-size: 11px;
    color: ${t.ink2};
    cursor: pointer;
  }
  button[data-selected] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
    color: ${t.pine};
    font-weight: 600;
  }
`;

/** On or off, and at which widths. */
function Shown({
  id,
  name,
  shown,
  set,
}: {
  id: string;
  name: string;
  shown: Varying<boolean>;
  set: ReturnType<typeof useSet>;
}) {
  const bands = useDraft((state) => state.plan.house.bands);
  const at = new Map(bands.map((band) => [band.id, valueAt(shown, bands, band.id)]));
  const on = [...at.values()].includes(true);
  const setting = `card.shown.${id}`;
  const put = (next: ReadonlyMap<string, boolean>) => {
    const values: Record<string, boolean> = {};
    let before: boolean | undefined;
    for (const band of bands) {
      const value = next.get(band.id)!;
      if (value !== before) values[band.id] = value;
      before = value;
    }
    set(setting, values);
  };
  return (
    <>
      <span data-setting={setting}>
        <Switch on={on} onChange={(next) => set(setting, everywhere(bands, next))}>
          {name}
        </Switch>
      </span>
      {on && (
        <Widths role="group" aria-label={`${name} at these widths`}>
          {bands.map((band) => (
            <ToggleButton
              key={band.id}
              isSelected={at.get(band.id)!}
              onChange={(next) => put(new Map(at).set(band.id, next))}
              aria-label={`${name} on ${band.name}`}
            >
              {band.name.charAt(0)}
            </ToggleButton>
          ))}
        </Widths>
      )}
    </>
  );
}

function PartList({ card, of, set }: { card: CardSettings; of: Of; set: ReturnType<typeof useSet> }) {
  const off = everywhere(
    useDraft((state) => state.plan.house.bands),
    false,
  );
  const kinds = new Map(partsOf(of).map((kind) => [kind.id as string, kind]));
  const parts = [
    ...card.order.filter((id) => kinds.has(id)),
    ...[...kinds.keys()].filter((id) => !card.order.includes(id)),
  ];
  const move = (id: string, to: number) => {
    const rest = parts.filter((one) => one !== id);
    rest.splice(Math.max(0, Math.min(rest.length, to)), 0, id);
    set('card.order', rest);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const id = String([...keys][0]);
      const rest = parts.filter((one) => one !== id);
      move(id, rest.indexOf(String(target.key)) + (target.dropPosition === 'after' ? 1 : 0));
    },
  });
  return (
    <div
      data-setting="card.order"
      onKeyDownCapture={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        const id = (event.target as HTMLElement).closest('[data-key]')?.getAttribute('data-key');
        if (!id) return;
        event.preventDefault();
        event.stopPropagation();
        move(id, parts.indexOf(id) + (event.key === 'ArrowUp' ? -1 : 1));
      }}
    >
      <Parts
        aria-label="Parts of the card"
        dragAndDropHooks={dragAndDropHooks}
        dependencies={[card]}
        keyboardNavigationBehavior="tab"
      >
        {parts.map((id) => {
          const kind = kinds.get(id)!;
          return (
            <PartRow key={id} id={id} textValue={kind.name}>
              <Button slot="drag" className="grip" aria-label={`Move ${kind.name}`}>
                <GripVertical size={14} />
              </Button>
              <Shown id={id} name={kind.name} shown={card.shown[id] ?? off} set={set} />
            </PartRow>
          );
        })}
      </Parts>
    </div>
  );
}

/** What stands on a card, in which order, and how its picture and text stand. */
export function Card({ shelf }: LineProps) {
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const set = useSet({ shelf: shelf!.id });
  if (!shelf) return null;
  const { card } = shelf;
  const assortment = assortmentOf(plan, shelf);
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
    </Stack>
  );
}
