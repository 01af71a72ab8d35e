import styled from 'styled-components';
import { MOST_IMPORT_BYTES } from '../../../core/exchange/importState.ts';
import { FileZone } from '../../ui/FileZone.tsx';
import { t } from '../../ui/theme.ts';

const Kinds = styled.dl`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0 20px;
  border-top: 1px solid ${t.line};
  padding-top: 10px;
  width: min(100%, 700px);
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
const TAKEN = ['.csv', '.tsv', '.txt', '.jsonl', '.ndjson', '.jsonld', '.json', 'text/csv'];

interface ChooseFileProps {
  isSending: boolean;
  onFile(file: File): void;
}

/** Where a file of products is dropped or chosen. */
export function ChooseFile(props: ChooseFileProps) {
  return (
    <FileZone label="A file of products can be dropped here" taken={TAKEN} {...props}>
      <Kinds>
        <dt>CSV</dt>
        <dd>a row for each product or each variant, from a spreadsheet or another shop</dd>
        <dt>JSON Lines</dt>
        <dd>a product on each line, with its variants in it</dd>
        <dt>JSON-LD</dt>
        <dd>products of schema.org, as pages and feeds tell of them</dd>
      </Kinds>
      <p>You match the columns next. Nothing is written before that. At most {MOST_IMPORT_BYTES / MB} MB.</p>
    </FileZone>
  );
}
