import {
  MOST_PRODUCT_PARTS,
  PRODUCT_PARTS,
  TITLE_PART,
  type ProductPart,
  type ProductPartId,
} from '../../../core/bays/productParts.ts';
import { useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { changed } from './changed.ts';
import { ListOf } from './ListOf.tsx';
import type { OwnControlProps } from './ownControl.ts';

const ADD = 'add';
const BESIDE = 'in the row above';

/** What a product is told by beside its pictures: in any order, several in a row, and what is left out. */
export function ProductParts({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly ProductPart[] }) {
  const { draft } = useStudio();
  const others = (Object.keys(PRODUCT_PARTS) as ProductPartId[]).filter(
    (id) => !value.some((one) => one.id === id),
  );
  return (
    <Stack>
      <ListOf
        on={on}
        setting="parts"
        value={value}
        most={MOST_PRODUCT_PARTS}
        noun="part"
        label="Parts of the product"
        empty="There is no part yet."
        nameOf={({ id }) => PRODUCT_PARTS[id]}
        factsOf={({ beside }) => (beside ? BESIDE : '')}
        under={{
          is: ({ beside = false }) => beside,
          changed: (one, beside) => changed(one, 'beside', beside || undefined),
        }}
        stays={({ id }) => id === TITLE_PART}
        fixed
      >
        {(one, change) => (
          <>
            {one !== value[0] && (
              <Switch on={one.beside ?? false} onChange={(beside) => change('beside', beside || undefined)}>
                In the row of the part above
              </Switch>
            )}
            {one.id === TITLE_PART && <Hint>The title heads the page, so that it stays.</Hint>}
          </>
        )}
      </ListOf>
      {others.length > 0 && (
        <Pick
          label="Add a part"
          value={ADD}
          options={[
            { value: ADD, words: 'Choose one…' },
            ...others.map((id) => ({ value: id, words: PRODUCT_PARTS[id] })),
          ]}
          onChange={(id) =>
            draft.run({
              do: 'set',
              on,
              setting: 'parts',
              value: [...value, { id: id as ProductPartId }],
            })
          }
        />
      )}
    </Stack>
  );
}
