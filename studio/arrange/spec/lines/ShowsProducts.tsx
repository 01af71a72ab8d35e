import { X } from 'lucide-react';
import { Button, Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { isGroup, type Group, type ProductAssortment } from '../../../../core/assortment/assortment.ts';
import { clauseKind, clauseKinds, type Clause } from '../../../../core/assortment/clauses/index.ts';
import { MOST_SOLD_DAYS, orderKind, orderKinds } from '../../../../core/assortment/orders/index.ts';
import { sayGroup } from '../../../../core/assortment/say.ts';
import type { Target } from '../../../../core/plan/commands.ts';
import { capital } from '../../../../core/sentence/sentence.ts';
import { useNames } from '../../../studioContext.tsx';
import { Button as PlainButton } from '../../../ui/Button.tsx';
import { Choice, Stepper } from '../../../ui/fields.tsx';
import { itemStyle, Pick, PopoverBox } from '../../../ui/Pick.tsx';
import { t } from '../../../ui/theme.ts';
import { clauseControls } from './clauses.tsx';
import { SettingBox, Stack, useSet } from './controls.tsx';

const ClauseBox = styled.li`
  border: 1px solid ${t.line};
  border-radius: ${t.corner};
  padding: 7px 9px;
  background: ${t.paper};
  .head {
    display: flex;
    justify-content: space-between;
    align-items: flex-start;
    gap: 8px;
  }
  .gone {
    color: ${t.brick};
    font-size: 12px;
  }
  .out {
    border: 0;
    background: none;
    padding: 2px;
    display: grid;
    cursor: pointer;
    border-radius: 4px;
  }
  & + & {
    margin-top: 6px;
  }
`;

const Item = styled(MenuItem)`
  ${itemStyle}
`;

const startsOut = 'All products';

/** Which products, in which order. */
export function ShowsProducts({ assortment, on }: { assortment: ProductAssortment; on: Target }) {
  const names = useNames();
  const set = useSet(on);
  const { rule, order, soldOut } = assortment;
  const put = (parts: Group['parts']) => set('assortment.rule', { ...rule, parts });
  const change = (at: number, clause: Clause) => put(rule.parts.map((part, i) => (i === at ? clause : part)));
  const unused = clauseKinds.filter(
    (kind) => !rule.parts.some((part) => !isGroup(part) && part.is === kind.id),
  );
  return (
    <>
      <div data-setting="assortment.rule">
        <p style={{ marginBottom: 6 }}>{rule.parts.length ? 'Products that are' : startsOut}</p>
        <ul>
          {rule.parts.map((part, i) => {
            if (isGroup(part)) return <ClauseBox key={i}>{capital(sayGroup(part, names))}</ClauseBox>;
            const kind = clauseKind(part.is);
            const Controls = clauseControls[part.is];
            const gone = kind.gone(part, names);
            return (
              <ClauseBox key={part.is}>
                <div className="head">
                  <span>{kind.say(part, names)}</span>
                  <Button
                    className="out"
                    aria-label={`Without: ${kind.name}`}
                    onPress={() => put(rule.parts.filter((_, other) => other !== i))}
                  >
                    <X size={14} />
                  </Button>
                </div>
                {gone.length > 0 && <p className="gone">No longer there: {gone.join(', ')}</p>}
                {Controls && (
                  <Controls clause={part as never} onChange={(clause: Clause) => change(i, clause)} />
                )}
              </ClauseBox>
            );
          })}
        </ul>
        {unused.length > 0 && (
          <MenuTrigger>
            <PlainButton style={{ marginTop: 8 }}>Narrow it down</PlainButton>
            <PopoverBox>
              <Menu
                onAction={(key) => {
                  const clause = clauseKind(String(key)).atFirst();
                  put([...rule.parts, clause]);
                  if (clause.is === 'named' && rule.parts.length === 0)
                    set('assortment.order', { by: 'asNamed' });
                }}
              >
                {unused.map((kind) => (
                  <Item key={kind.id} id={kind.id}>
                    {kind.name}
                  </Item>
                ))}
              </Menu>
            </PopoverBox>
          </MenuTrigger>
        )}
      </div>
      <SettingBox id="assortment.order">
        <Stack style={{ gap: 8 }}>
          <Pick
            label="Order"
            value={order.by}
            options={orderKinds.map((kind) => ({ value: kind.id, words: kind.name }))}
            onChange={(by) => set('assortment.order', orderKind(by).atFirst())}
          />
          {order.by === 'bestSold' && (
            <Stepper
              label="In how many days"
              shown
              value={order.days}
              least={1}
              most={MOST_SOLD_DAYS}
              wide
              onChange={(days) => set('assortment.order', { ...order, days })}
            />
          )}
        </Stack>
      </SettingBox>
      <SettingBox id="assortment.soldOut">
        <Choice
          label="Sold-out pieces"
          value={soldOut}
          options={[
            { value: 'out', words: 'Left out' },
            { value: 'toTheEnd', words: 'Last' },
            { value: 'asTheyCome', words: 'As they come' },
          ]}
          onChange={(value) => set('assortment.soldOut', value)}
        />
      </SettingBox>
    </>
  );
}
