export interface Point {
  x: number;
  y: number;
}

export type Stroke = Point[];

/** What is drawn on, in points, and the pen. */
export interface Sheet {
  width: number;
  height: number;
  pen: number;
  ink: string;
  /** Colour of the paper; none where the sheet lies on a slide and the server puts that under it. */
  paper?: string;
}

export const BLANK: Sheet = { width: 1200, height: 800, pen: 6, ink: '#1f2d36', paper: '#ffffff' };

/** The server knows it by its size (app/Watching/AskedSlide.php). */
export const ON_SLIDE: Sheet = { width: 1200, height: 675, pen: 7, ink: '#b3261e' };

/** The same lines on another sheet. */
export function moved(strokes: Stroke[], from: Sheet, to: Sheet): Stroke[] {
  return strokes.map((stroke) =>
    stroke.map(({ x, y }) => ({
      x: Math.round((x * to.width) / from.width),
      y: Math.round((y * to.height) / from.height),
    })),
  );
}

/** What was drawn, as a picture. */
export function asPicture(strokes: Stroke[], sheet: Sheet): Promise<Blob> {
  const canvas = document.createElement('canvas');
  canvas.width = sheet.width;
  canvas.height = sheet.height;
  const pen = canvas.getContext('2d');
  if (!pen) return Promise.reject(new Error('This browser cannot draw. Take a photo of your work on paper instead.'));
  if (sheet.paper) {
    pen.fillStyle = sheet.paper;
    pen.fillRect(0, 0, sheet.width, sheet.height);
  }
  pen.strokeStyle = sheet.ink;
  pen.lineWidth = sheet.pen;
  pen.lineCap = 'round';
  pen.lineJoin = 'round';
  for (const stroke of strokes) {
    pen.beginPath();
    for (const { x, y } of [...stroke, ...stroke.slice(-1)]) pen.lineTo(x, y);
    pen.stroke();
  }
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (picture) => (picture ? resolve(picture) : reject(new Error('The drawing cannot be kept.'))),
      'image/png',
    );
  });
}
