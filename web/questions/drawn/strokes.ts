export interface Point {
  x: number;
  y: number;
}

export type Stroke = Point[];

/** The sheet in points, and the width of the pen on it. */
export const SHEET = { width: 1200, height: 800, pen: 6 };

/** What was drawn, as a picture. */
export function asPicture(strokes: Stroke[]): Promise<Blob> {
  const canvas = document.createElement('canvas');
  canvas.width = SHEET.width;
  canvas.height = SHEET.height;
  const pen = canvas.getContext('2d');
  if (!pen) return Promise.reject(new Error('This browser cannot draw. Take a photo of your work on paper instead.'));
  pen.fillStyle = '#ffffff';
  pen.fillRect(0, 0, SHEET.width, SHEET.height);
  pen.strokeStyle = '#1f2d36';
  pen.lineWidth = SHEET.pen;
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
