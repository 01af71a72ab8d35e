import { createElement } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { ProductAssortment } from '../../../core/assortment/products.ts';
import { MOST_FALLBACK } from '../../../core/assortment/fallback.ts';
import { orderKind, orderKinds } from '../../../core/assortment/orders/index.ts';
import type { Target } from '../../../core/plan/target.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { SettingBox } from '../../settings/SettingBox.tsx';
import { Stack } from '../../settings/Stack.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { useDraft, useNames } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { NamedList } from '../../ui/NamedList.tsx';
import { Pick, PopoverBox } from '../../ui/Pick.tsx';
import { orderControlsOf } from '../orders/index.tsx';
import { withTicked } from '../../ui/TickList.tsx';
import { ProductTicks } from '../ProductTicks.tsx';
import { RuleEditor } from '../RuleEditor.tsx';
import { useRuleCounts } from '../useRuleCounts.ts';
import type { AssortmentKind, AssortmentProps } from './kind.ts';

export function ProductRule({ assortment, on, wide = false }: AssortmentProps<ProductAssortment>) {
  const set = useSet(on);
  const counts = useRuleCounts(assortment);
  return (
    <RuleEditor
      rule={assortment.rule}
      counts={counts}
      wide={wide}
      onChange={(rule) => {
        set('assortment.rule', rule);
        const first = rule.parts[0];
        // What is named one by one is meant in that order, unless another was chosen.
        if (assortment.rule.parts.length === 0 && first && 'is' in first && first.is === 'named')
          set('assortment.order', { by: 'asNamed' });
      }}
      onOrder={(order) => set('assortment.order', order)}
    />
  );
}

export function OrderControls({ assortment, on, wide = false }: AssortmentProps<ProductAssortment>) {
  const set = useSet(on);
  const { order } = assortment;
  const more = orderControlsOf(order);
  const inRow = { display: 'flex', flexWrap: 'wrap', gap: 8, alignItems: 'end' } as const;
  return (
    <SettingBox id="assortment.order">
      <div style={wide ? inRow : { display: 'grid', gap: 8 }}>
        <Pick
          label="Order"
          shown={!wide}
          value={order.by}
          options={orderKinds.map((kind) => ({ value: kind.id, words: kind.name }))}
          onChange={(by) => set('assortment.order', orderKind(by).atFirst())}
        />
        {more && createElement(more, { order, wide, onChange: (next) => set('assortment.order', next) })}
      </div>
    </SettingBox>
  );
}

export function SoldOutControls({ assortment, on, wide = false }: AssortmentProps<ProductAssortment>) {
  const set = useSet(on);
  return (
    <SettingBox id="assortment.soldOut">
      <Choice
        label="Sold-out products"
        shown={!wide}
        value={assortment.soldOut}
        options={[
          { value: 'out', words: wide ? 'Hide sold out' : 'Hide' },
          { value: 'toTheEnd', words: 'Show last' },
          { value: 'asTheyCome', words: 'Keep in order' },
        ]}
        onChange={(value) => set('assortment.soldOut', value)}
      />
    </SettingBox>
  );
}

/** Assortments that may top this one up: saved ones of products that do not lead back to it. */
function useFallbacks(on: Target): { value: string; words: string }[] {
  const assortments = useDraft(({ plan }) => plan.assortments);
  const own = 'assortment' in on ? on.assortment : null;
  const leadsTo = (id: string, met: readonly string[] = []): boolean => {
    const assortment = assortments[id]?.assortment;
    const from = assortment?.of === 'products' ? (assortment.fallback?.from ?? null) : null;
    return id === own || (from !== null && !met.includes(from) && leadsTo(from, [...met, id]));
  };
  return Object.values(assortments)
    .filter(({ id, assortment }) => assortment.of === 'products' && !leadsTo(id))
    .map(({ id, name }) => ({ value: id, words: name }));
}

export function FallbackControls({ assortment, on }: AssortmentProps<ProductAssortment>) {
  const set = useSet(on);
  const others = useFallbacks(on);
  const { fallback } = assortment;
  const then = fallback?.then ?? 'nothing';
  return (
    <SettingBox id="assortment.fallback">
      <Stack style={{ gap: 8 }}>
        <Pick
          label="If too few match"
          value={then}
          options={[
            { value: 'nothing', words: 'Show what there is' },
            ...(others.length ? [{ value: 'topUp', words: 'Top up from another assortment' }] : []),
            { value: 'goAway', words: 'Hide the bay and its heading' },
          ]}
          onChange={(next) =>
            set(
              'assortment.fallback',
              next === 'nothing'
                ? null
                : {
                    fewerThan: fallback?.fewerThan ?? 4,
                    then: next,
                    from: next === 'topUp' ? others[0]!.value : null,
                  },
            )
          }
        />
        {fallback && (
          <Stepper
            label="Fewer than"
            shown
            value={fallback.fewerThan}
            least={1}
            most={MOST_FALLBACK}
            wide
            onChange={(fewerThan) => set('assortment.fallback', { ...fallback, fewerThan })}
          />
        )}
        {fallback?.then === 'topUp' && (
          <Pick
            label="Topped up from, without repeats"
            value={fallback.from ?? ''}
            options={others}
            onChange={(from) => set('assortment.fallback', { ...fallback, from })}
          />
        )}
      </Stack>
    </SettingBox>
  );
}

const Ticks = styled(Dialog)`
  outline: none;
  padding: 8px;
  width: 300px;
`;

/** What is pinned, put in and left out by hand. */
export function ByHandControls({ assortment, on }: AssortmentProps<ProductAssortment>) {
  const set = useSet(on);
  const names = useNames();
  const { byHand } = assortment;
  const put = (change: Partial<ProductAssortment['byHand']>) =>
    set('assortment.byHand', { ...byHand, ...change });
  const title = (id: number) => names.product(id) ?? `Product ${id}, removed`;
  const lists = [
    { key: 'putIn', words: 'Put in by hand', opens: 'Put products in…' },
    { key: 'leftOut', words: 'Left out by hand', opens: 'Leave products out…' },
  ] as const;
  return (
    <div data-setting="assortment.byHand">
      <p style={{ fontWeight: 500 }}>
        {byHand.pins.length ? counted(byHand.pins.length, 'pinned product') : 'Nothing pinned'}
      </p>
      <NamedList
        items={[...byHand.pins]
          .sort((a, b) => a.place - b.place)
          .map(({ id, place }) => ({ id: String(id), words: `${place}. ${title(id)}` }))}
        onRemove={(id) => put({ pins: byHand.pins.filter((pin) => String(pin.id) !== id) })}
      />
      {lists.map(({ key, words, opens }) => (
        <div key={key} style={{ marginTop: 6 }}>
          <p style={{ fontWeight: 500 }}>{words}</p>
          <NamedList
            items={byHand[key].map((id) => ({ id: String(id), words: title(id) }))}
            onRemove={(id) => put({ [key]: byHand[key].filter((one) => String(one) !== id) })}
          />
          <DialogTrigger>
            <Button>{opens}</Button>
            <PopoverBox placement="bottom start">
              <Ticks aria-label={words}>
                <ProductTicks
                  label={words}
                  placeholder="Type a product's title"
                  chosen={byHand[key]}
                  onTick={(id, ticked) =>
                    put({
                      putIn: byHand.putIn.filter((one) => one !== id),
                      leftOut: byHand.leftOut.filter((one) => one !== id),
                      [key]: withTicked(
                        byHand[key].filter((one) => one !== id),
                        id,
                        ticked,
                      ),
                    })
                  }
                />
              </Ticks>
            </PopoverBox>
          </DialogTrigger>
        </div>
      ))}
    </div>
  );
}

export const products: AssortmentKind<'products'> = {
  Which: (props) => (
    <>
      <ProductRule {...props} />
      <OrderControls {...props} />
      <SoldOutControls {...props} />
    </>
  ),
  Beyond: (props) => (
    <>
      <ByHandControls {...props} />
      <FallbackControls {...props} />
    </>
  ),
};
