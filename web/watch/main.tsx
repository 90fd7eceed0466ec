import '../style.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Watch } from './Watch';

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <Watch />
  </StrictMode>,
);
