import type { Medium } from '../../lesson.types';

/** Under which a picture may be shown. */
export const LICENCES: { value: Medium['licence']; label: string }[] = [
  { value: '', label: 'Choose a licence' },
  { value: 'own', label: 'My own picture' },
  { value: 'public domain', label: 'Public domain' },
  { value: 'cc0', label: 'CC0' },
  { value: 'cc by', label: 'CC BY' },
  { value: 'cc by-sa', label: 'CC BY-SA' },
  { value: 'cc by-nc', label: 'CC BY-NC' },
  { value: 'cc by-nc-sa', label: 'CC BY-NC-SA' },
  { value: 'mit', label: 'MIT' },
  { value: 'with permission', label: 'Used with permission' },
];
