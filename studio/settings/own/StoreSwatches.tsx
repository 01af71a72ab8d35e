import { useState } from 'react';
import styled from 'styled-components';
import type { Target } from '../../../core/plan/target.ts';
import { SHOWN_BY, type ShownBy, type StoreSwatch } from '../../../core/swatch/storeSwatch.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { ColourPick } from '../../ui/ColourPick.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Hint, Stack } from '../Stack.tsx';

const Value = styled.div`
  display: flex;
  flex-direction: column;
  gap: 6px;
`;

/** Each value by what the catalogue has of it: its colour, its picture, or its name. */
const CATALOGUE = 'catalogue';

const WAYS: { value: ShownBy | typeof CATALOGUE; words: string }[] = [
  { value: CATALOGUE, words: 'What the catalogue has' },
  ...Object.entries(SHOWN_BY).map(([value, words]) => ({ value: value as ShownBy, words })),
];

/** What swatches show of each value of the store's options, wherever they stand. */
export function StoreSwatches({ on, value }: { on: Target; value: readonly StoreSwatch[] }) {
  const { vocabulary, draft } = useStudio();
  const colours = useDraft((state) => state.plan.house.colours);
  const [optionId, setOptionId] = useState<number | null>(null);
  const option = vocabulary.options.find(({ id }) => id === optionId) ?? vocabulary.options[0];
  if (!option) return <Hint>The store has no options yet: no product comes in more than one way.</Hint>;
  /** @param step a name under which what follows quickly is one step back */
  const write = (id: string, next: StoreSwatch | null, step?: string) =>
    draft.run(
      {
        do: 'set',
        on,
        setting: 'swatches',
        value: [...value.filter((one) => one.id !== id), ...(next ? [next] : [])],
      },
      step,
    );
  return (
    <Stack data-setting="swatches">
      <h3>Swatches</h3>
      {vocabulary.options.length > 1 && (
        <Pick
          label="Option"
          value={String(option.id)}
          options={vocabulary.options.map(({ id, name }) => ({ value: String(id), words: name }))}
          onChange={(id) => setOptionId(Number(id))}
        />
      )}
      {option.values.map(({ id, name }) => {
        const key = String(id);
        const set = value.find((one) => one.id === key);
        return (
          <Value key={id}>
            <Pick
              label={name}
              value={set?.by ?? CATALOGUE}
              options={WAYS}
              onChange={(by) => write(key, by === CATALOGUE ? null : { id: key, by })}
            />
            {set?.by === 'colour' && (
              <ColourPick
                label={`Colour of ${name}`}
                value={set.colour ?? null}
                none="Its own"
                offered={[colours.accent, colours.text, colours.ground]}
                onChange={(colour) =>
                  write(key, { id: key, by: 'colour', ...(colour && { colour }) }, `swatch ${key}`)
                }
              />
            )}
          </Value>
        );
      })}
      <Hint>What a value has not got is shown by what it has: a colour, a picture, or its name.</Hint>
    </Stack>
  );
}
