import { LARGEST_MARK_PX, MOST_ARROW_OFFSET_PX, SMALLEST_MARK_PX } from '../../../../core/plan/shelf.ts';
import { useDraft } from '../../../studioContext.tsx';
import { ColourPick } from '../../../ui/ColourPick.tsx';
import { Stepper, Switch } from '../../../ui/fields.tsx';
import { SettingBox, SettingChoice, useSet } from '../lines/controls.tsx';
import type { SectionProps } from './section.ts';

type Props = Pick<SectionProps, 'shelf' | 'on'>;

/** A colour of one of the things that move a shelf; null for the usual one. */
function ColourOf({
  id,
  label,
  value,
  on,
}: {
  id: string;
  label: string;
  value: string | null;
  on: Props['on'];
}) {
  const { text, accent, ground, card } = useDraft((state) => state.plan.house.colours);
  const set = useSet(on);
  return (
    <SettingBox id={id}>
      <ColourPick
        label={label}
        value={value}
        none="As usual"
        offered={[text, accent, ground, card]}
        onChange={(next) => set(id, next)}
      />
    </SettingBox>
  );
}

export function ArrowLook({ shelf: { moving }, on }: Props) {
  const set = useSet(on);
  const { ink, ground, edge, offset } = moving.arrowLook;
  return (
    <>
      <ColourOf id="moving.arrowLook.ink" label="Colour of arrows" value={ink} on={on} />
      {moving.arrowShape !== 'bare' && (
        <ColourOf id="moving.arrowLook.ground" label="Ground of arrows" value={ground} on={on} />
      )}
      <SettingBox id="moving.arrowLook.edge">
        <Switch on={edge} onChange={(value) => set('moving.arrowLook.edge', value)}>
          A line around them
        </Switch>
      </SettingBox>
      {moving.arrowPlace === 'over' && (
        <SettingBox id="moving.arrowLook.offset">
          <Stepper
            label="In from the edge, px"
            shown
            value={offset}
            least={-MOST_ARROW_OFFSET_PX}
            most={MOST_ARROW_OFFSET_PX}
            step={2}
            wide
            onChange={(value) => set('moving.arrowLook.offset', value)}
          />
        </SettingBox>
      )}
    </>
  );
}

const shapeWords = { round: 'Round', square: 'Square', line: 'A line' };

export function MarkLook({ shelf: { moving }, on }: Props) {
  const set = useSet(on);
  const { ink, current, size, shape } = moving.markLook;
  return (
    <>
      <ColourOf id="moving.markLook.ink" label="Their colour" value={ink} on={on} />
      <ColourOf id="moving.markLook.current" label="Colour of the current one" value={current} on={on} />
      <SettingChoice
        id="moving.markLook.shape"
        label="Shape of dots"
        value={shape}
        words={shapeWords}
        on={on}
      />
      {shape !== 'line' && (
        <SettingBox id="moving.markLook.size">
          <Stepper
            label="Size of dots, px"
            shown
            value={size}
            least={SMALLEST_MARK_PX}
            most={LARGEST_MARK_PX}
            onChange={(value) => set('moving.markLook.size', value)}
          />
        </SettingBox>
      )}
    </>
  );
}
