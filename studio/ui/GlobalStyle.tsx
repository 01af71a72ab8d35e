import { createGlobalStyle } from 'styled-components';
import { t } from './theme.ts';

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html, body, #root { height: 100%; }
  body { margin: 0; font: 400 13px/1.45 ${t.text}; color: ${t.ink}; background: ${t.wall}; }
  button, input, select, textarea { font: inherit; color: inherit; }
  h1, h2, h3, p, ul, ol { margin: 0; padding: 0; }
  ul, ol { list-style: none; }
  :focus-visible { outline: 2px solid ${t.pine}; outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) { * { transition: none !important; animation: none !important; } }
`;
