import styled from 'styled-components';
import { useStore } from 'zustand';
import type { FactEdit } from '../../core/facts/factEdit.ts';
import type { FactWriter, Writes } from '../api/factWriter.ts';
import { TextButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  color: ${t.ink2};
  border-top: 1px solid ${t.line};
  margin: 0 -16px;
  padding: 8px 16px;
  background: ${t.wall};
  .said {
    flex: 1;
  }
`;

const saidOf = ({
  under,
  kept,
  refused,
}: Pick<Writes<FactEdit>, 'under' | 'kept'> & { refused: readonly unknown[] }) => {
  if (under > 0) return 'Saving…';
  if (refused.length > 0) return '';
  return kept ? 'Saved. Shoppers see it at once.' : 'Shoppers see changes here at once';
};

interface ListFootProps<E extends FactEdit> {
  /** How many are listed, in words. */
  listed: string;
  writer: FactWriter<E>;
}

/** Below a list of the catalogue: how many there are, whether what was set is kept, and the way back. */
export function ListFoot<E extends FactEdit>({ listed, writer }: ListFootProps<E>) {
  const state = useStore(writer);
  const [undo, redo] = [state.done.at(-1), state.undone.at(-1)];
  return (
    <Foot>
      <span role="status">{listed}</span>
      <span className="said" role="status">
        {saidOf(state)}
      </span>
      {undo && <TextButton onPress={() => void writer.undo()}>Take back {undo.words}</TextButton>}
      {redo && <TextButton onPress={() => void writer.redo()}>Do again {redo.words}</TextButton>}
    </Foot>
  );
}
