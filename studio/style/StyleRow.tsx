import styled from 'styled-components';
import { resolve, type Levels, type Source } from '../../core/style/resolve.ts';
import type { StyleElement } from '../../core/style/element.ts';
import { styleElement } from '../../core/style/elements/index.ts';
import { noEffect } from '../../core/style/noEffect.ts';
import { properties, type PropertyId } from '../../core/style/properties/index.ts';
import { stateKinds, type StateId } from '../../core/style/states.ts';
import { lowered } from '../../core/sentence/sentence.ts';
import type { Target } from '../../core/plan/target.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { SettingControl } from '../settings/SettingControl.tsx';
import { Hint } from '../settings/Stack.tsx';
import { useSet } from '../settings/useSetting.ts';
import { useDraft } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';

const Unknown = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
`;

/** What a value that is set elsewhere comes from, in words; empty where it is set here. */
export type WhereFrom = (from: Source, property: PropertyId) => string;

export interface StyleRowProps {
  on: Target;
  element: StyleElement;
  state: StateId;
  property: PropertyId;
  setting: PlacedSetting;
  levels: Levels;
  whereFrom?: WhereFrom;
}

/** Where what is not set here comes from, in words. */
function fromWords(element: StyleElement, state: StateId, from: Source | null, where: string): string | null {
  if (!from) return null;
  const other = from.element !== element.id ? `as ${lowered(styleElement(from.element).name)}` : '';
  const asState = from.state !== state ? `as ${lowered(stateKinds[from.state].name)}` : '';
  return [where, other, asState].filter(Boolean).join(', ') || null;
}

/** One property of an element in a state: its control, with what holds where nothing is set here, and from where. */
export function StyleRow({
  on,
  element,
  state,
  property,
  setting,
  levels,
  whereFrom = () => '',
}: StyleRowProps) {
  const bands = useDraft(({ plan }) => plan.house.bands);
  const set = useSet(on);
  const { name, begins, varies } = properties[property];
  const named = { ...setting, name };
  const at = (bandId: string) => resolve(levels, element, property, state, bands, bandId);
  const found = bands.map(({ id }) => at(id));
  const off = noEffect(levels, element, property, state, bands);
  const note = off && <Hint role="note">Has no effect now: {off}.</Hint>;
  if (found.some(({ value }) => value === undefined))
    return (
      <div>
        <Unknown data-setting={setting.id}>
          <span>
            {name} <Hint as="span">as the page has it</Hint>
          </span>
          <Button
            aria-label={`Set ${name}`}
            onPress={() => set(setting.id, varies ? { [bands[0]!.id]: begins } : begins)}
          >
            Set
          </Button>
        </Unknown>
        {note}
      </div>
    );
  const value = varies
    ? Object.fromEntries(bands.map(({ id }, i) => [id, found[i]!.value]))
    : found[0]!.value;
  const about = varies ? undefined : properties[property].about?.(value);
  const { from } = found[0]!;
  const words = fromWords(element, state, from, from ? whereFrom(from, property) : '');
  return (
    <div>
      <SettingControl on={on} setting={named} value={value} at={bands.map(({ id }) => id)} />
      {words && <Hint>{words}</Hint>}
      {about && <Hint>{about}</Hint>}
      {note}
    </div>
  );
}
