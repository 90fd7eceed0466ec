import type { TakeEvent } from '../../events.types';
import { Outbox, type Outgoing } from '../../outbox/Outbox';
import { ask } from '../../request';
import type { Continued } from './Recorder';

/** One numbered chunk of a take, kept in the browser until the server has it. */
interface Piece {
  take: string;
  number: number;
  sound: Blob;
  events: TakeEvent[];
}

interface OutgoingTake extends Outgoing {
  lesson: string;
  slide: string;
  source: 'microphone' | 'practice';
  /** Another take that it goes on from. */
  continues?: Continued;
}

/** Sends recordings. */
export class TakeOutbox extends Outbox<OutgoingTake, Piece> {
  constructor() {
    super({
      database: 'daybright-outbox',
      table: 'takes',
      of: 'take',
      called: 'recording',
      announce: (take) =>
        ask('PUT', `/api/lessons/${take.lesson}/takes/${take.id}`, {
          slide: take.slide,
          source: take.source,
          ...(take.continues && { continues: take.continues }),
        }),
      address: (take) => `/api/takes/${take.id}`,
      bytes: (piece) => piece.sound,
      form: (piece, bytes) => ({
        sound: new File([bytes], 'piece.webm', { type: 'audio/webm' }),
        events: JSON.stringify(piece.events),
      }),
    });
  }
}

/** One for all rooms: what an earlier visit left behind is sent as soon as a teacher signs in. */
export const outbox = new TakeOutbox();
