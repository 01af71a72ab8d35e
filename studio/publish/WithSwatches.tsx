import styled from 'styled-components';
import { t } from '../ui/theme.ts';

const Swatch = styled.i`
  display: inline-block;
  width: 13px;
  height: 13px;
  border: 1px solid ${t.edge};
  border-radius: 3px;
  vertical-align: -2px;
  margin-inline-end: 4px;
`;

const COLOUR = /(#[0-9a-f]{6}\b)/i;

/** Text in which a patch of each colour is beside its code. */
export function WithSwatches({ text }: { text: string }) {
  return text.split(COLOUR).map((piece, i) =>
    i % 2 === 0 ? (
      piece
    ) : (
      <span key={i} style={{ whiteSpace: 'nowrap' }}>
        <Swatch style={{ background: piece }} />
        {piece}
      </span>
    ),
  );
}
