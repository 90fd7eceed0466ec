import { Outbox, type Outgoing } from '../../outbox/Outbox';
import { ask } from '../../request';

interface Piece {
  clip: string;
  number: number;
  bytes: Blob;
}

interface OutgoingClip extends Outgoing {
  name: string;
  /** 0 while it is being filmed. */
  bytes: number;
}

/** Sends clips, those that were chosen and those that are being filmed. */
class ClipOutbox extends Outbox<OutgoingClip, Piece> {
  constructor() {
    super({
      database: 'daybright-clips',
      table: 'clips',
      of: 'clip',
      called: 'clip',
      announce: ({ id, name, bytes }) => ask('POST', '/api/clips', { id, name, bytes }),
      address: (clip) => `/api/clips/${clip.id}`,
      bytes: (piece) => piece.bytes,
      form: (_, bytes) => ({ piece: new File([bytes], 'piece') }),
    });
  }
}

/** One for all rooms: what an earlier visit left behind is sent as soon as a teacher signs in. */
export const clipOutbox = new ClipOutbox();

/** Clips that this very page is sending. */
const underWay = new Set<string>();
clipOutbox.onFinished((id) => underWay.delete(id));

export function isUnderWay(clip: string): boolean {
  return underWay.has(clip);
}

export function beginClip(id: string, name: string, bytes: number): Promise<void> {
  underWay.add(id);
  return clipOutbox.begin({ id, name, bytes, pieces: null });
}

/** Sends a file that was chosen; its pieces are kept in the browser until the server has them. */
export async function sendFile(id: string, file: File, piece: number): Promise<void> {
  await beginClip(id, file.name, file.size);
  const pieces = Math.ceil(file.size / piece);
  for (let number = 0; number < pieces; number++) {
    await clipOutbox.piece({ clip: id, number, bytes: file.slice(number * piece, (number + 1) * piece) });
  }
  await clipOutbox.end(id, pieces);
}
