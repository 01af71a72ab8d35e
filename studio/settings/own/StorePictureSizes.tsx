import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import { freeId } from '../../../core/settings/freeId.ts';
import type { Target } from '../../../core/plan/target.ts';
import {
  LONGEST_SIZE_NAME,
  MOST_SIZES,
  sideBeside,
  type NamedSize,
} from '../../../core/picture/namedSizes.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, QuietButton } from '../../ui/Button.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { t } from '../../ui/theme.ts';
import { Words } from '../../ui/Words.tsx';
import { Hint, Stack } from '../Stack.tsx';

const Size = styled.fieldset`
  border: 1px solid ${t.line};
  border-radius: ${t.corner};
  padding: 10px 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  .sides {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
  }
  p[role='alert'] {
    color: ${t.brick};
    font-size: 12px;
  }
`;

/** One more, under an id that no other has. */
function another(sizes: readonly NamedSize[]): NamedSize {
  const id = freeId('size', sizes);
  return { id, name: id.replace('size-', 'Size '), width: 600, height: 600 };
}

/** The sizes of pictures that the store keeps; cards that go by one follow it. */
export function StorePictureSizes({ on, value }: { on: Target; value: readonly NamedSize[] }) {
  const { draft } = useStudio();
  const shelves = useDraft((state) => state.plan.shelves);
  /** @param step a name under which what follows quickly is one step back */
  const write = (next: readonly NamedSize[], step?: string) =>
    draft.run({ do: 'set', on, setting: 'pictureSizes', value: next }, step);
  const change = (size: NamedSize, what: string) =>
    write(
      value.map((one) => (one.id === size.id ? size : one)),
      `picture size ${size.id} ${what}`,
    );
  const usedBy = (id: string) =>
    Object.values(shelves).filter(
      ({ card: { parts } }) => parts.picture.by === 'size' && parts.picture.size === id,
    ).length;
  return (
    <Stack data-setting="pictureSizes">
      <h3>Sizes of pictures</h3>
      {value.map((size) => {
        const used = usedBy(size.id);
        return (
          <Size key={size.id} aria-label={`Size ${size.name}`}>
            <Words
              label="Name"
              value={size.name}
              longest={LONGEST_SIZE_NAME}
              fault={(typed) => (typed.trim() === '' ? 'A size needs a name.' : null)}
              onChange={(name) => change({ ...size, name }, 'name')}
            />
            <div className="sides">
              {(['width', 'height'] as const).map((side) => (
                <Stepper
                  key={side}
                  label={side === 'width' ? 'Width, px' : 'Height, px'}
                  shown
                  wide
                  value={size[side]}
                  {...sideBeside(size[side === 'width' ? 'height' : 'width'])}
                  onChange={(px) => change({ ...size, [side]: px }, side)}
                />
              ))}
            </div>
            <Hint>{used ? `Used by ${counted(used, 'shelf', 'shelves')}.` : 'Used by no shelf.'}</Hint>
            <div>
              <QuietButton onPress={() => write(value.filter((one) => one !== size))}>
                <X size={14} aria-hidden /> Remove {size.name}
              </QuietButton>
            </div>
          </Size>
        );
      })}
      {value.length < MOST_SIZES && (
        <div>
          <Button onPress={() => write([...value, another(value)])}>
            <Plus size={14} aria-hidden /> Add a size
          </Button>
        </div>
      )}
      <Hint>
        A card goes by one with Picture height, Size of the store. Where one is removed, its cards go by their
        ratio.
      </Hint>
    </Stack>
  );
}
