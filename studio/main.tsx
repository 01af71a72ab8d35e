import '@fontsource-variable/bricolage-grotesque/wght.css';
import '@fontsource-variable/hanken-grotesk/wght.css';
import '@fontsource-variable/spline-sans-mono/wght.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Studio } from './Studio.tsx';

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Studio />
  </StrictMode>,
);
