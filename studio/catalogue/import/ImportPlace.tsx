import { useState } from 'react';
import { Link } from 'react-router';
import {
  isBusy,
  type ImportIs,
  type ImportState,
  type LastImport as Last,
} from '../../../core/exchange/importState.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useDraft } from '../../studioContext.tsx';
import { Button, MainButton, TextButton } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { WorkBar } from '../../ui/WorkBar.tsx';
import { WorkPlace } from '../WorkPlace.tsx';
import { ChooseFile } from './ChooseFile.tsx';
import { ColumnTable } from './ColumnTable.tsx';
import { ReadAs } from './ReadAs.tsx';
import { useImport } from './useImport.ts';
import { WouldHappen } from './WouldHappen.tsx';

/** Products from a file: chosen, matched, looked at, and only then written. */
export function ImportPlace() {
  const found = useImport();
  const [isChoosing, setChoosing] = useState(false);
  const { state: last, fault } = found;
  const currency = useDraft(({ plan }) => plan.house.currency);
  if (found.error)
    return (
      <Notice action="Try again" onAction={() => void found.refetch()}>
        The last import could not be fetched: {found.error.message}
      </Notice>
    );
  if (last === undefined) return <Notice>Fetching the last import…</Notice>;
  const state = isChoosing ? null : last;
  const canRead =
    state !== null && (state.is === 'comparing' || state.is === 'compared' || state.is === 'failed');
  // One that was written can be undone until the next is.
  const another = () => (last?.is === 'written' ? setChoosing(true) : found.forget());
  const undo = (id: number) => {
    setChoosing(false);
    found.undo(id);
  };
  return (
    <WorkPlace>
      <div className="body">
        <header>
          <div>
            <h2>Import products</h2>
            {state && <Read state={state} />}
          </div>
          {state && !isBusy(state.is) && <Button onPress={another}>Choose another file</Button>}
        </header>
        {fault && (
          <p className="fault" role="alert">
            {fault}
          </p>
        )}
        {state?.fault && (
          <p className="fault" role="alert">
            {state.fault}
          </p>
        )}
        {state === null && (
          <ChooseFile
            isSending={found.isSending}
            onFile={(file) => found.send(file, () => setChoosing(false))}
          />
        )}
        {state === null && found.last && (
          <LastImport last={found.last} onUndo={() => undo(found.last!.id)} isDisabled={found.isAsking} />
        )}
        {canRead && (
          <>
            <ReadAs state={state} onChange={found.set} />
            <div className="sheet">
              <ColumnTable state={state} currency={currency} onChange={found.set} />
            </div>
          </>
        )}
        {state?.is === 'undone' && <LeftOvers state={state} />}
        {state?.found && state.is !== 'undone' && (
          <WouldHappen found={state.found} isDone={state.is === 'written'} />
        )}
      </div>
      {state && <Foot state={state} found={found} />}
    </WorkPlace>
  );
}

/** What was imported last, where another file is chosen. */
function LastImport({
  last: { fileName, products },
  onUndo,
  isDisabled,
}: {
  last: Last;
  onUndo(): void;
  isDisabled: boolean;
}) {
  return (
    <p className="left">
      The last import was {fileName || 'a file'}, of {counted(products, 'product')}.{' '}
      <TextButton onPress={onUndo} isDisabled={isDisabled}>
        Undo it
      </TextButton>
    </p>
  );
}

function Read({ state: { fileName, columns, found } }: { state: ImportState }) {
  return (
    <p>
      <b>{fileName || 'The file'}</b>
      {found && `: ${counted(found.rows, 'row')} and ${counted(columns.length, 'column')} read`}
    </p>
  );
}

/** What undoing left as it is, since somebody has changed it meanwhile. */
function LeftOvers({ state: { leftOver } }: { state: ImportState }) {
  if (!leftOver || leftOver.length === 0)
    return <p className="left">Everything is as it was before the import.</p>;
  return (
    <div className="left">
      <p>Everything else is as it was before the import. These stayed:</p>
      <ul>
        {leftOver.map(({ title, why }, i) => (
          <li key={i}>
            <b>{title}</b>: {why}
          </li>
        ))}
      </ul>
    </div>
  );
}

const DOING: Partial<Record<ImportIs, string>> = {
  comparing: 'Reading and comparing',
  writing: 'Importing',
  undoing: 'Undoing',
};

function Foot({ state, found }: { state: ImportState; found: ReturnType<typeof useImport> }) {
  const { is, rowsRead } = state;
  const counts = state.found?.counts;
  const products = (counts?.new ?? 0) + (counts?.changed ?? 0);
  if (isBusy(is)) {
    // What there is to read is known once it was read.
    const total = is === 'undoing' ? products : state.found?.rows;
    const said = total ? `${rowsRead} of ${total}` : counted(rowsRead, 'row');
    return (
      <div className="foot">
        <WorkBar does={DOING[is]!} done={rowsRead} total={total || null} said={said} />
        <span>You can leave this page; the work goes on.</span>
        <Button onPress={found.stop}>Stop</Button>
      </div>
    );
  }
  if (is === 'written')
    return (
      <div className="foot" role="status">
        <span>
          <b>{counted(products, 'product')} imported.</b> Shoppers see them at once.
        </span>
        <Link to="/catalogue/products">See the products</Link>
        <Button onPress={() => found.undo(state.id)} isDisabled={found.isAsking}>
          Undo the import
        </Button>
        <span>It can be undone until the next one.</span>
      </div>
    );
  if (is === 'undone')
    return (
      <div className="foot" role="status">
        <b>The import was undone.</b>
      </div>
    );
  if (is === 'failed') return <div className="foot">Read the file in another way, or choose another.</div>;
  return (
    <div className="foot">
      <MainButton onPress={found.write} isDisabled={products === 0 || found.isAsking}>
        Import {counted(products, 'product')}
      </MainButton>
      <span>
        {products === 0 ? 'There is nothing new in this file.' : 'Can be undone until the next import.'}
      </span>
    </div>
  );
}
