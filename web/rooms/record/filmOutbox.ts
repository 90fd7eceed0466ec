import { Outbox, type Outgoing } from '../../outbox/Outbox';
import { ask } from '../../request';
import { outbox } from './outbox';

/** A part of a film, kept in the browser until the server has it. */
interface FilmPiece {
  film: string;
  number: number;
  bytes: Blob;
}

interface OutgoingFilm extends Outgoing {
  take: string;
  source: 'camera' | 'window';
}

/** Sends what the camera sees, or a window shows, beside the sound of its take. */
export const filmOutbox = new Outbox<OutgoingFilm, FilmPiece>({
  database: 'daybright-films',
  table: 'films',
  of: 'film',
  called: 'film',
  announce: async (film) => {
    // Both begin at once, and the film may be the first to have something to send.
    await outbox.announce(film.take);
    await ask('PUT', `/api/takes/${film.take}/footage/${film.id}`, { source: film.source });
  },
  address: (film) => `/api/takes/${film.take}/footage/${film.id}`,
  bytes: (piece) => piece.bytes,
  form: (_, bytes) => ({ film: new File([bytes], 'piece.webm', { type: 'video/webm' }) }),
});
