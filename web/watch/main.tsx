import '../style.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Overview } from './Overview';
import { apply, chosenBefore } from './reading/settings';
import { Watch } from './Watch';

apply(chosenBefore());

const overview = location.pathname.match(/^\/overview\/([a-z0-9]{22})$/)?.[1];

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>{overview ? <Overview id={overview} /> : <Watch />}</StrictMode>,
);
