import {
  ARROW_PLACES,
  LARGEST_ARROW_PX,
  LONGEST_MOVE_MS,
  LONGEST_REST_MS,
  MARKS,
  MOST_VISIBLE,
  SHORTEST_REST_MS,
  SMALLEST_ARROW_PX,
} from '../../../../core/plan/shelf.ts';
import { Stepper, Switch, Words } from '../../../ui/fields.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import {
  SettingBox,
  SettingChoice,
  useSet,
  VaryingChoice,
  VaryingStepper,
  VaryingSwitch,
} from '../lines/controls.tsx';
import { ArrowLook, MarkLook } from './movingLook.tsx';
import type { Section, SectionProps } from './section.ts';

const marksWords = { none: 'Nothing', dots: 'Dots', bar: 'A bar', count: '"3 of 10"' };
const placeWords = {
  over: 'Over the cards',
  beside: 'Beside them',
  above: 'Above them',
  below: 'Below them',
};

function MovingControls({ shelf, on, at }: SectionProps) {
  const set = useSet(on);
  const { moving } = shelf;
  const arrows = Object.values(moving.arrows).includes(true);
  return (
    <>
      <VaryingSwitch id="moving.arrows" title="Arrows" on={on} value={moving.arrows} at={at} />
      {arrows && (
        <>
          <SettingBox id="moving.arrowPlace">
            <Pick
              label="Arrows stand"
              value={moving.arrowPlace}
              options={ARROW_PLACES.map((value) => ({ value, words: placeWords[value] }))}
              onChange={(value) => set('moving.arrowPlace', value)}
            />
          </SettingBox>
          <SettingChoice
            id="moving.arrowShape"
            label="Shape of arrows"
            value={moving.arrowShape}
            words={{ round: 'Round', square: 'Square', bare: 'Bare' }}
            on={on}
          />
          <SettingBox id="moving.arrowSign">
            <Words
              label="Sign that points forward"
              value={moving.arrowSign}
              longest={4}
              placeholder="The usual one"
              onChange={(value) => set('moving.arrowSign', value)}
            />
          </SettingBox>
          <VaryingStepper
            id="moving.arrowSize"
            title="Size of arrows, px"
            on={on}
            value={moving.arrowSize}
            least={SMALLEST_ARROW_PX}
            most={LARGEST_ARROW_PX}
            step={4}
            at={at}
          />
          <ArrowLook shelf={shelf} on={on} />
        </>
      )}
      <VaryingChoice
        id="moving.marks"
        title="Under it, to tell where one is"
        on={on}
        value={moving.marks}
        options={MARKS.map((value) => ({ value, words: marksWords[value] }))}
        at={at}
      />
      {Object.values(moving.marks).some((one) => one !== 'none') && <MarkLook shelf={shelf} on={on} />}
      <VaryingStepper
        id="moving.step"
        title="Items a move"
        on={on}
        value={moving.step}
        least={1}
        most={MOST_VISIBLE}
        at={at}
      />
      <SettingBox id="moving.loop">
        <Switch on={moving.loop} onChange={(value) => set('moving.loop', value)}>
          Goes round without an end
        </Switch>
      </SettingBox>
      <SettingBox id="moving.play">
        <Switch on={moving.play} onChange={(value) => set('moving.play', value)}>
          Moves by itself, with a button to pause it
        </Switch>
      </SettingBox>
      {moving.play && (
        <SettingBox id="moving.restMs">
          <Stepper
            label="Rest between moves, seconds"
            shown
            value={moving.restMs / 1000}
            least={SHORTEST_REST_MS / 1000}
            most={LONGEST_REST_MS / 1000}
            step={0.5}
            wide
            onChange={(value) => set('moving.restMs', Math.round(value * 1000))}
          />
        </SettingBox>
      )}
      <SettingBox id="moving.moveMs">
        <Stepper
          label="A move takes, milliseconds"
          shown
          value={moving.moveMs}
          least={0}
          most={LONGEST_MOVE_MS}
          step={50}
          wide
          onChange={(value) => set('moving.moveMs', value)}
        />
      </SettingBox>
      <SettingChoice
        id="moving.comes"
        label="What comes next"
        value={moving.comes}
        words={{ moves: 'Moves in', fades: 'Fades in' }}
        on={on}
      />
      <SettingBox id="moving.swipe">
        <Switch on={moving.swipe} onChange={(value) => set('moving.swipe', value)}>
          Moved by a finger
        </Switch>
      </SettingBox>
      <SettingBox id="moving.drag">
        <Switch on={moving.drag} onChange={(value) => set('moving.drag', value)}>
          Dragged by the mouse
        </Switch>
      </SettingBox>
      <SettingBox id="moving.start">
        <Stepper
          label="Begins at item"
          shown
          value={moving.start}
          least={1}
          most={500}
          wide
          onChange={(value) => set('moving.start', value)}
        />
      </SettingBox>
    </>
  );
}

export const moving: Section = { of: 'moving', Controls: MovingControls };
