import { Upload } from 'lucide-react';
import { DropZone, FileTrigger, type FileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import { MOST_IMPORT_BYTES } from '../../../core/exchange/importState.ts';
import { MainButton } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';

const Zone = styled(DropZone)`
  background: ${t.paper};
  border: 1px dashed ${t.edge};
  border-radius: ${t.corner};
  padding: 22px 20px 14px;
  display: grid;
  justify-items: center;
  gap: 14px;
  &[data-drop-target] {
    border-color: ${t.pine};
    background: ${t.pineSoft};
  }
  .press {
    display: flex;
    align-items: center;
    gap: 10px;
  }
  dl {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 20px;
    border-top: 1px solid ${t.line};
    padding-top: 10px;
    width: min(100%, 560px);
  }
  dt {
    font-weight: 600;
    grid-row: 1;
  }
  dd {
    color: ${t.ink2};
    margin: 0;
  }
`;

const MB = 1024 * 1024;

/** Files that a table of products can be in, as a window to choose one offers them. */
const TAKEN = ['.csv', '.tsv', '.txt', '.jsonl', '.ndjson', 'text/csv'];

interface ChooseFileProps {
  isSending: boolean;
  onFile(file: File): void;
}

/** Where a file of products is dropped or chosen. */
export function ChooseFile({ isSending, onFile }: ChooseFileProps) {
  return (
    <Zone
      aria-label="A file of products can be dropped here"
      onDrop={({ items }) => {
        const file = items.find((item): item is FileDropItem => item.kind === 'file');
        if (file) void file.getFile().then(onFile);
      }}
    >
      <div className="press">
        <Upload size={18} aria-hidden />
        <span>{isSending ? 'Sending…' : 'Drop a file here, or'}</span>
        <FileTrigger acceptedFileTypes={TAKEN} onSelect={(files) => files?.[0] && onFile(files[0])}>
          <MainButton isDisabled={isSending}>Choose a file</MainButton>
        </FileTrigger>
      </div>
      <dl>
        <dt>CSV</dt>
        <dd>a row for each product or each variant, from a spreadsheet or another shop</dd>
        <dt>JSON Lines</dt>
        <dd>a product on each line, with its variants in it</dd>
      </dl>
      <p>You match the columns next. Nothing is written before that. At most {MOST_IMPORT_BYTES / MB} MB.</p>
    </Zone>
  );
}
