import { Link } from 'react-router';
import styled from 'styled-components';
import { exportStore } from '../../../core/api/wholeStore.ts';
import { dateFormat } from '../../../core/catalogue/formats.ts';
import {
  MOST_STORE_BYTES,
  sayCounts,
  type StoreHead,
  type StoreImport,
} from '../../../core/wholeStore/storeFile.ts';
import { Button, LinkButton, MainButton } from '../../ui/Button.tsx';
import { FileZone } from '../../ui/FileZone.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { t } from '../../ui/theme.ts';
import { WorkBar } from '../../ui/WorkBar.tsx';
import { WorkPlace } from '../WorkPlace.tsx';
import { useWholeStore } from './useWholeStore.ts';

const Card = styled.section`
  background: ${t.paper};
  border-radius: ${t.corner};
  padding: 14px 18px 16px;
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 720px;
  h3 {
    font: 600 15px/1.3 ${t.names};
  }
  > form,
  > [data-rac] {
    width: 100%;
  }
  a:not([download]) {
    color: ${t.pine};
    font-weight: 600;
  }
  dl {
    margin: 0;
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 4px 16px;
  }
  dt {
    color: ${t.ink2};
  }
  dd {
    margin: 0;
  }
`;

const TAKEN = ['.zip', 'application/zip'];
const MB = 1024 * 1024;
const day = dateFormat('en-GB', { dateStyle: 'long' });
const inMb = (bytes: number): string => `${Math.ceil(bytes / MB)} MB`;

/** The whole store, out into one file and in from one. */
export function WholeStore() {
  const found = useWholeStore();
  const { store, fault } = found;
  if (found.error)
    return (
      <Notice action="Try again" onAction={() => void found.refetch()}>
        What the store has could not be fetched: {found.error.message}
      </Notice>
    );
  if (!store) return <Notice>Counting what the store has…</Notice>;
  const { counts, isEmpty, import: file } = store;
  return (
    <WorkPlace>
      <div className="body">
        <header>
          <h2>Whole store</h2>
        </header>
        {fault && (
          <p className="fault" role="alert">
            {fault}
          </p>
        )}
        <Card>
          <h3>Take it with you</h3>
          <p>
            One ZIP file with everything that this store has: {sayCounts(counts)}; what is drafted, what is
            published, and what sold how well. Keep it as a copy, or bring it into another installation.
          </p>
          <p className="quiet">Orders, messages and accounts are not in it, since they are of people.</p>
          <LinkButton href={exportStore.path} download>
            Export the whole store
          </LinkButton>
        </Card>
        <Card>
          <h3>Bring a store in</h3>
          {isEmpty || file?.is === 'written' ? (
            <BringIn file={file} found={found} />
          ) : (
            <p>
              This store has something already: {sayCounts(counts)}. A whole store goes into an empty one, so
              that neither is mixed with the other. Start on an empty database, and bring the file in there.
            </p>
          )}
        </Card>
      </div>
      {file && isEmpty && <Foot file={file} found={found} />}
    </WorkPlace>
  );
}

interface FileProps {
  file: StoreImport;
  found: ReturnType<typeof useWholeStore>;
}

function BringIn({ file, found }: { file: StoreImport | null; found: FileProps['found'] }) {
  if (file?.is === 'written')
    return (
      <>
        <p role="status">
          <b>{file.head!.storeName} is here.</b>{' '}
          {file.head!.published
            ? 'Shoppers see what was published of it.'
            : 'Nothing of it is published yet.'}
        </p>
        <Link to="/arrange/home">Arrange its home page</Link>
      </>
    );
  if (file?.head && file.is !== 'failed') return <WhatIsIn head={file.head} fileName={file.fileName} />;
  const isBroken = file?.is === 'arriving' && !found.isSending;
  return (
    <>
      {file?.fault && (
        <p className="fault" role="alert">
          {file.fault}
        </p>
      )}
      {isBroken && (
        <p>
          Only {inMb(file.arrived)} of {inMb(file.bytes)} of {file.fileName || 'the file'} came. Choose it
          again.
        </p>
      )}
      <FileZone
        label="The file of a whole store can be dropped here"
        taken={TAKEN}
        isSending={found.isSending}
        onFile={found.send}
      >
        <p>
          A ZIP that “Export the whole store” has made. Nothing is written before you have seen what is in it.
          At most {MOST_STORE_BYTES / 1024 ** 3} GB.
        </p>
      </FileZone>
    </>
  );
}

function WhatIsIn({ head, fileName }: { head: StoreHead; fileName: string }) {
  return (
    <>
      <dl>
        <dt>Store</dt>
        <dd>
          <b>{head.storeName}</b>
        </dd>
        <dt>Exported on</dt>
        <dd>{day.format(new Date(head.writtenAt))}</dd>
        <dt>File</dt>
        <dd>{fileName || 'without a name'}</dd>
        <dt>It has</dt>
        <dd>{sayCounts(head.counts)}</dd>
      </dl>
      <p>
        {head.published
          ? 'What was published of it is public as soon as it is here.'
          : 'Nothing of it was published, so shoppers see nothing yet.'}{' '}
        What set-up has made so far is replaced.
      </p>
    </>
  );
}

function Foot({ file, found }: FileProps) {
  const { is, head, done, arrived, bytes } = file;
  const another = <Button onPress={found.stop}>Choose another file</Button>;
  if (is === 'arriving' && found.isSending)
    return (
      <div className="foot">
        <WorkBar does="Sending" done={arrived} total={bytes} said={`${inMb(arrived)} of ${inMb(bytes)}`} />
        <span>Keep this window open.</span>
        <Button onPress={found.stop}>Stop</Button>
      </div>
    );
  if (is === 'arrived')
    return (
      <div className="foot">
        <MainButton onPress={found.write} isDisabled={found.isAsking}>
          Bring in {head!.storeName}
        </MainButton>
        {another}
      </div>
    );
  if (is === 'writing')
    return (
      <div className="foot">
        <WorkBar
          does={`Bringing in ${head!.storeName}`}
          done={done}
          total={head!.lines}
          said={`${Math.min(100, Math.floor((100 * done) / Math.max(1, head!.lines)))} %`}
        />
        <span>You can leave this page; the work goes on.</span>
        <Button onPress={found.stop}>Stop</Button>
      </div>
    );
  return null;
}
