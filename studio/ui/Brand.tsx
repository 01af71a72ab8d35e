import styled from 'styled-components';
import { t } from './theme.ts';

const Box = styled.span<{ $dark: boolean }>`
  display: inline-flex;
  align-items: center;
  gap: 10px;
  font: 600 16px/1 ${t.names};
  color: ${({ $dark }) => ($dark ? t.ink : '#fff')};
`;

/** Three pieces on a wide shelf. */
export function Brand({ dark = false }: { dark?: boolean }) {
  return (
    <Box $dark={dark}>
      <svg width="26" height="18" viewBox="0 0 26 18" fill="currentColor" aria-hidden="true">
        <path d="M0 15h26v2.6H0zM3 7h4v7H3zM10 3h4v11h-4zM18 9.5h5V14h-5z" />
      </svg>
      <span className="word">Wide Shelf</span>
    </Box>
  );
}
