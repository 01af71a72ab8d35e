import { labelKind } from '../../../core/label/labels/index.ts';
import { useArranging } from '../../arrange/arrangeContext.tsx';
import { useDraft } from '../../studioContext.tsx';
import { TextButton } from '../../ui/Button.tsx';
import { WidthsOn } from '../ShownAt.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';

/** Which of the store's labels this shelf shows, at each width; the labels themselves are the store's. */
export function ShelfLabels({ on, shelf }: OwnControlProps) {
  const { list } = useDraft((state) => state.plan.house.labels);
  const set = useSet(on);
  const { choose } = useArranging();
  if (!shelf) return null;
  const kinds = [...new Set(list.map(({ kind }) => kind))].flatMap((id) => labelKind(id) ?? []);
  return (
    <Stack>
      {kinds.map(({ id, name, tied }) => (
        <div key={id} data-setting={`card.labels.${id}.shown`}>
          <div>{tied ? 'Own labels' : name}</div>
          <WidthsOn
            name={tied ? 'Own labels' : name}
            value={shelf.card.labels[id]!.shown}
            onChange={(shown) => set(`card.labels.${id}.shown`, shown)}
          />
        </div>
      ))}
      <Hint>
        {kinds.length === 0 && 'The store has no labels. '}
        Words, colours and order are the same on every shelf:{' '}
        <TextButton onPress={() => choose(null)}>labels of the store</TextButton>
      </Hint>
    </Stack>
  );
}
