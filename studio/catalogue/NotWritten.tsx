import { useStore } from 'zustand';
import styled from 'styled-components';
import type { FactEdit } from '../../core/facts/factEdit.ts';
import { lowered, type Names } from '../../core/sentence/sentence.ts';
import type { FactWriter, Refused } from '../api/factWriter.ts';
import { useNames } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const RefusedBox = styled.div`
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

/** What a fact is called, and a value of it in words. */
export interface SaidFact {
  name: string;
  now: string;
}

interface NotWrittenProps<E extends FactEdit> {
  writer: FactWriter<E>;
  say(edit: E, now: unknown, names: Names): SaidFact;
}

/** Each step that was not written, why, and what can be done. */
export function NotWritten<E extends FactEdit>({ writer, say }: NotWrittenProps<E>) {
  const names = useNames();
  const refused = useStore(writer, (state) => state.refused);
  /** Why a step was not written, and what is there now. */
  const whyNot = ({ conflicts: [first], why }: Refused<E>): string => {
    if (!first) return why;
    if (first.gone) return 'It is not there any more.';
    const { name, now } = say(first.edit, first.now, names);
    return `In another window the ${lowered(name)} was changed meanwhile, and is ${now || 'empty'} now.`;
  };
  return refused.map((one, i) => {
    const { step, conflicts } = one;
    const canBeSent = conflicts.length === 0 || conflicts.some(({ gone }) => !gone);
    return (
      <RefusedBox key={i} role="alert">
        <p>
          Not saved, {step.words}. {whyNot(one)}
        </p>
        {canBeSent && (
          <Button onPress={() => void writer.again(one)}>
            {conflicts.length > 0 ? 'Write mine' : 'Try again'}
          </Button>
        )}
        <Button onPress={() => writer.leave(one)}>Keep what is there</Button>
      </RefusedBox>
    );
  });
}
