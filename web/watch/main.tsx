import '../style.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { apply, chosenBefore } from './reading/settings';
import { Watch } from './Watch';

apply(chosenBefore());

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <Watch />
  </StrictMode>,
);
