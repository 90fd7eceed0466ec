/** Takes a plain background out of a picture: what is like its edge and hangs together with it. */

export interface Pixels {
  /** Red, green, blue and alpha of every point, row by row. */
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

/** How far beyond the tolerance a point begins to stay, so that the edge is soft. */
const SOFT = 24;

/**
 * @param tolerance how far a colour may be from the background's, from 0 to 255
 * @returns a copy in which the background is transparent
 */
export function withoutBackground(pixels: Pixels, tolerance: number): Pixels {
  const { width, height } = pixels;
  const data = new Uint8ClampedArray(pixels.data);
  const ground = colourOfEdge(pixels);
  const distance = (at: number) =>
    Math.max(
      Math.abs((pixels.data[at] ?? 0) - ground[0]),
      Math.abs((pixels.data[at + 1] ?? 0) - ground[1]),
      Math.abs((pixels.data[at + 2] ?? 0) - ground[2]),
    );
  const seen = new Uint8Array(width * height);
  const waiting: number[] = [];
  const visit = (point: number) => {
    if (seen[point]) return;
    seen[point] = 1;
    const far = distance(point * 4);
    if (far > tolerance + SOFT) return;
    const left = Math.max(0, far - tolerance) / SOFT;
    data[point * 4 + 3] = Math.round((pixels.data[point * 4 + 3] ?? 255) * left);
    // Half-kept points are the edge of what stays: nothing is taken behind them.
    if (left === 0) waiting.push(point);
  };
  for (const point of edge(width, height)) visit(point);
  while (waiting.length > 0) {
    const point = waiting.pop() ?? 0;
    const across = point % width;
    if (across > 0) visit(point - 1);
    if (across < width - 1) visit(point + 1);
    if (point >= width) visit(point - width);
    if (point < width * (height - 1)) visit(point + width);
  }
  return { data, width, height };
}

/** The middle value of each channel along the edge. */
function colourOfEdge({ data, width, height }: Pixels): [number, number, number] {
  const points = edge(width, height);
  const middle = (channel: number) =>
    points.map((point) => data[point * 4 + channel] ?? 0).sort((one, other) => one - other)[points.length >> 1] ?? 0;
  return [middle(0), middle(1), middle(2)];
}

function edge(width: number, height: number): number[] {
  const points: number[] = [];
  for (let x = 0; x < width; x++) points.push(x, (height - 1) * width + x);
  for (let y = 1; y < height - 1; y++) points.push(y * width, y * width + width - 1);
  return points;
}
