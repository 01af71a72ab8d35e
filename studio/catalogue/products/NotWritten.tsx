import { useStore } from 'zustand';
import styled from 'styled-components';
import { goodsFact } from '../../../core/goods/goodsFacts.ts';
import { lowered, type Names } from '../../../core/sentence/sentence.ts';
import type { GoodsRefused } from '../../api/goodsWriter.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';

const Refused = styled.div`
  background: ${t.brickSoft};
  border-radius: ${t.corner};
  padding: 9px 12px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  p {
    flex: 1 1 260px;
  }
`;

/** Why a step was not written, and what is there now. */
function whyNot({ conflicts: [first], why }: GoodsRefused, names: Names): string {
  if (!first) return why;
  const { edit, now, gone } = first;
  if (gone) return 'It is not there any more.';
  const fact = goodsFact(edit.of, edit.fact)!;
  const name = (edit.of === 'field' && names.field(String(edit.part))?.name) || fact.name;
  return `In another window the ${lowered(name)} was changed meanwhile, and is ${fact.say(now, names) || (fact.none ?? 'empty')} now.`;
}

/** Each step that was not written, why, and what can be done. */
export function NotWritten() {
  const { goods } = useStudio();
  const names = useNames();
  const refused = useStore(goods, (state) => state.refused);
  return refused.map((one, i) => {
    const { step, conflicts } = one;
    const canBeSent = conflicts.length === 0 || conflicts.some(({ gone }) => !gone);
    return (
      <Refused key={i} role="alert">
        <p>
          Not saved, {step.words}. {whyNot(one, names)}
        </p>
        {canBeSent && (
          <Button onPress={() => void goods.again(one)}>
            {conflicts.length > 0 ? 'Write mine' : 'Try again'}
          </Button>
        )}
        <Button onPress={() => goods.leave(one)}>Keep what is there</Button>
      </Refused>
    );
  });
}
