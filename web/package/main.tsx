import '../style.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { apply, chosenBefore } from '../watch/reading/settings';
import { platformOf } from './learningPlatform';
import { Packaged } from './Packaged';
import type { PackagedLesson } from './packaged';

const { daybrightLesson: lesson } = window as Window & { daybrightLesson?: PackagedLesson & { id: string } };

apply(chosenBefore());

if (lesson) {
  document.title = lesson.title;
  createRoot(document.getElementById('app') as HTMLElement).render(
    <StrictMode>
      <Packaged lesson={lesson} platform={platformOf(window, lesson.id)} />
    </StrictMode>,
  );
}
