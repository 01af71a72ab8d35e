import { useState } from 'react';
import styled from 'styled-components';
import { contrastsOf, type Contrast } from '../../core/style/contrast.ts';
import type { Against } from '../../core/colour/passingArea.ts';
import { inPx } from '../../core/style/inPx.ts';
import { properties, type PropertyId } from '../../core/style/properties/index.ts';
import { labelForms } from '../../core/label/labelForms.ts';
import { AgainstContext } from '../settings/against.ts';
import { nearestPassing, sayContrast } from '../../core/colour/contrast.ts';
import type { StyleElement } from '../../core/style/element.ts';
import type { Levels } from '../../core/style/resolve.ts';
import { stateKinds, type StateId } from '../../core/style/states.ts';
import { takenIn } from '../../core/style/styleTree.ts';
import { readPath } from '../../core/settings/path.ts';
import { subjectOf, type Target } from '../../core/plan/target.ts';
import { useSet } from '../settings/useSetting.ts';
import { Stack } from '../settings/Stack.tsx';
import { useDraft, useNames } from '../studioContext.tsx';
import { Button, TextButton } from '../ui/Button.tsx';
import { Choice } from '../ui/Choice.tsx';
import { t } from '../ui/theme.ts';
import { StyleRow, type WhereFrom } from './StyleRow.tsx';

const Box = styled.section`
  border: 1px solid ${t.pine};
  border-radius: ${t.corner};
  padding: 10px 12px 12px;
  background: #fff;
  display: flex;
  flex-direction: column;
  gap: 10px;
  .name {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 8px;
  }
  h3 {
    font: 600 13px/1.4 ${t.text};
    color: ${t.pine};
  }
  h3 span {
    color: ${t.ink2};
    font-weight: 400;
    margin-inline-start: 6px;
  }
  .contrast {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 8px;
    color: ${t.pine};
    font-size: 12.5px;
  }
  .contrast[data-low] {
    color: ${t.brick};
  }
`;

/** How many values are set below a path of a document. */
export const countSet = (value: unknown): number =>
  typeof value !== 'object' || value === null
    ? Number(value !== undefined)
    : Object.values(value).reduce<number>((sum, one) => sum + countSet(one), 0);

export interface ElementEditorProps {
  on: Target;
  element: StyleElement;
  levels: Levels;
  whereFrom?: WhereFrom;
  /** #rrggbb, background of the bay; null for the page's. */
  behind: string | null;
  /** Its cards have a frame. */
  framed?: boolean;
  state: StateId;
  onState(state: StateId): void;
}

/** Everything that can be set of one element, state by state. */
export function ElementEditor({
  on,
  element,
  levels,
  whereFrom,
  behind,
  framed = false,
  state,
  onState,
}: ElementEditorProps) {
  const set = useSet(on);
  const path = `style.${element.id}`;
  const subject = subjectOf(
    useDraft(({ draft }) => draft),
    on,
  );
  const stored = readPath(subject?.document, path);
  const { bands, colours, labels, scale } = useDraft(({ plan }) => plan.house);
  const names = useNames();
  if (!subject) return null;
  const setIn = (one: StateId) => countSet(readPath(stored, one));
  const all = countSet(stored);
  const settingOf = (id: string) => subject.settings.find((one) => one.id === id)!;
  const drawn = levels.map((one) => inPx(one, scale, bands));
  const contrasts = contrastsOf(drawn, element, state, {
    bands,
    colours,
    behind,
    framed,
    labels: labelForms(labels.list, colours, names),
  });
  const against: Partial<Record<PropertyId, Against>> = {};
  for (const { property, colour, grounds, need } of contrasts) {
    if (!against[property]) against[property] = { grounds, need };
    if (property === 'textColour') against.background = { grounds: [colour], need };
  }
  return (
    <Box aria-label={`Look of ${element.name}`}>
      <div className="name">
        <h3>
          {element.name}
          <span>{all > 0 ? `${all} set here` : 'nothing set here'}</span>
        </h3>
        {all > 0 && (
          <TextButton aria-label={`Reset ${element.name}`} onPress={() => set(path, undefined)}>
            Reset
          </TextButton>
        )}
      </div>
      {element.states.length > 1 && (
        <Choice
          label={`State of ${element.name}`}
          shown={false}
          value={state}
          options={element.states.map((one) => ({
            value: one,
            words: `${stateKinds[one].name}${setIn(one) ? ' •' : ''}`,
          }))}
          onChange={onState}
        />
      )}
      {contrasts.map((one) => (
        <ContrastLine
          key={one.property}
          contrast={one}
          onOffer={(colour) => set(`${path}.${state}.${one.property}`, colour)}
        />
      ))}
      <Stack>
        {takenIn(element, state).map((property) => (
          <AgainstContext key={property} value={against[property] ?? null}>
            <StyleRow
              {...{ on, element, state, property, levels, whereFrom }}
              setting={settingOf(`${path}.${state}.${property}`)}
            />
          </AgainstContext>
        ))}
      </Stack>
    </Box>
  );
}

/** How something stands out, and where that is too little, the nearest colour that does. */
function ContrastLine({ contrast, onOffer }: { contrast: Contrast; onOffer(colour: string): void }) {
  const { ratio, need, on, form, ofForm, property, colour, grounds } = contrast;
  const low = ratio < need;
  const offer = low && !ofForm ? nearestPassing(colour, grounds, need) : null;
  return (
    <div className="contrast" role="status" data-low={low || undefined}>
      <span>
        {property !== 'textColour' && `${properties[property].name}: `}
        {form !== null && `${form}: `}
        {sayContrast(ratio)}:1 on {on}
        {low ? `, needs ${need}:1` : property === 'textColour' ? ', easy to read' : ', easy to see'}
      </span>
      {offer && <Button onPress={() => onOffer(offer)}>Use {offer}</Button>}
    </div>
  );
}

/** The state that an element is edited in; each begins at rest. */
export function useStateOf(element: StyleElement | null): [StateId, (state: StateId) => void] {
  const [at, setAt] = useState<{ element: string | null; state: StateId }>({ element: null, state: 'rest' });
  const id = element?.id ?? null;
  return [at.element === id ? at.state : 'rest', (state) => setAt({ element: id, state })];
}
