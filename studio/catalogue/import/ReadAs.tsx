import styled from 'styled-components';
import type { DecimalMark } from '../../../core/exchange/amount.ts';
import { SEPARATOR_IDS, SEPARATORS } from '../../../core/exchange/dialect.ts';
import { ENCODING_IDS, ENCODINGS } from '../../../core/exchange/encoding.ts';
import type { ImportSettings, ImportState } from '../../../core/exchange/importState.ts';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 8px;
  color: ${t.ink2};
  button {
    min-height: 26px;
    padding-block: 1px;
  }
`;

const MARKS: Record<DecimalMark, string> = { '.': '1,234.50', ',': '1.234,50' };
const MARK_IDS = Object.keys(MARKS) as DecimalMark[];

interface ReadAsProps {
  state: ImportState;
  onChange(settings: ImportSettings): void;
}

/** How a file was found to be written, each of which can be said otherwise. */
export function ReadAs({ state: { settings, hows }, onChange }: ReadAsProps) {
  const { dialect, decimal } = settings;
  const set = (change: Partial<ImportSettings['dialect']>) =>
    onChange({ ...settings, dialect: { ...dialect, ...change } });
  return (
    <Row role="group" aria-label="How the file is read">
      {dialect.format === 'csv' && (
        <>
          <span aria-hidden="true">split at</span>
          <Pick
            label="Split at"
            shown={false}
            value={dialect.separator}
            options={SEPARATOR_IDS.map((value) => ({ value, words: SEPARATORS[value] }))}
            onChange={(separator) => set({ separator })}
          />
          <span aria-hidden="true">with</span>
          <Pick
            label="Quotes"
            shown={false}
            value={dialect.quote}
            options={[
              { value: '"', words: 'double quotes' },
              { value: "'", words: 'single quotes' },
            ]}
            onChange={(quote) => set({ quote })}
          />
          <span aria-hidden="true">the first row</span>
          <Pick
            label="The first row"
            shown={false}
            value={dialect.header ? 'names' : 'goods'}
            options={[
              { value: 'names', words: 'holds the names' },
              { value: 'goods', words: 'is a product already' },
            ]}
            onChange={(is) => set({ header: is === 'names' })}
          />
        </>
      )}
      <span aria-hidden="true">letters in</span>
      <Pick
        label="Letters"
        shown={false}
        value={dialect.encoding}
        options={ENCODING_IDS.map((value) => ({ value, words: ENCODINGS[value] }))}
        onChange={(encoding) => set({ encoding })}
      />
      <span aria-hidden="true">numbers like</span>
      <Pick
        label="Numbers"
        shown={false}
        value={decimal ?? hows[0]?.decimal ?? '.'}
        options={MARK_IDS.map((value) => ({ value, words: MARKS[value] }))}
        onChange={(mark) => onChange({ ...settings, decimal: mark })}
      />
    </Row>
  );
}
