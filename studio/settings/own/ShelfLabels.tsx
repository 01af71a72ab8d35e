import { valueAt, type Varying } from '../../../core/bands/varying.ts';
import { ownLabelIn } from '../../../core/card/shown.ts';
import { labelKind } from '../../../core/label/labels/index.ts';
import { labelName } from '../../../core/label/sayLabel.ts';
import { useArranging } from '../../arrange/arrangeContext.tsx';
import { useDraft, useNames } from '../../studioContext.tsx';
import { TextButton } from '../../ui/Button.tsx';
import { WidthsOn } from '../ShownAt.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';

/** Which of the store's labels this shelf shows, at each width; the labels themselves are the store's. */
export function ShelfLabels({ on, shelf }: OwnControlProps) {
  const { bands, labels } = useDraft((state) => state.plan.house);
  const set = useSet(on);
  const { choose } = useArranging();
  const names = useNames();
  if (!shelf) return null;
  const kinds = [...new Set(labels.list.map(({ kind }) => kind))].flatMap((id) => labelKind(id) ?? []);
  const { ownLabelsOut: out } = shelf.card;
  /** The widths at which any value is its own, with the switch of one own label turned. */
  const leftOut = (id: string, shown: Varying<boolean>): Varying<readonly string[]> =>
    Object.fromEntries(
      bands.flatMap((band) => {
        if (!(band.id in out) && !(band.id in shown)) return [];
        const others = valueAt(out, bands, band.id).filter((one) => one !== id);
        return [[band.id, valueAt(shown, bands, band.id) ? others : [...others, id]]];
      }),
    );
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
      {labels.list
        .filter(
          ({ kind }) => labelKind(kind)?.tied && Object.values(shelf.card.labels[kind]!.shown).includes(true),
        )
        .map((label) => (
          <div key={label.id} data-setting="card.ownLabelsOut">
            <div>{labelName(label, names)}</div>
            <WidthsOn
              name={labelName(label, names)}
              value={ownLabelIn(shelf.card, label.id)}
              onChange={(shown) => set('card.ownLabelsOut', leftOut(label.id, shown))}
            />
          </div>
        ))}
      <Hint>
        {kinds.length === 0 && 'The store has no labels. '}
        Text, colours and order are the same on every shelf:{' '}
        <TextButton onPress={() => choose(null)}>labels of the store</TextButton>
      </Hint>
    </Stack>
  );
}
