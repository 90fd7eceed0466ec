import type { Stroke } from './show';

type Points = Stroke['points'];

/** How far a straight line may be off, as a share of the distance of its ends, and in slide units at least. */
const BENT = 0.05;
const UNSTEADY = 14;

/** A shape is closed when its ends meet, as a share of its length. */
const MEETING = 0.18;

/** How far points may be off the shape, as a share of its smaller side. */
const OFF = 0.13;

/** Slide units; what is smaller is a dot or a letter. */
const LEAST = 40;

const CORNERS = 36;

/** What a stroke was meant to be: a straight line, a box or an ellipse; null where it is none of them. */
export function snapped(points: Points): Points | null {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return null;
  const length = points.reduce((sum, point, index) => sum + apart(point, points[index - 1] ?? point), 0);
  const box = around(points);
  if (length < LEAST) return null;
  const ends = apart(first, last);
  const bent = Math.max(...points.map(([, x, y]) => offLine(x, y, at(first), at(last))));
  if (ends > LEAST && bent < Math.max(UNSTEADY, BENT * ends)) return inTime(points, [at(first), at(last)]);
  if (ends / length > MEETING || Math.min(box.width, box.height) < LEAST) return null;
  const ellipse = deviation(points, (x, y) => offEllipse(x, y, box));
  const frame = deviation(points, (x, y) => offBox(x, y, box));
  const most = OFF * Math.min(box.width, box.height);
  if (Math.min(ellipse, frame) > most) return null;
  return inTime(points, frame < ellipse ? boxOutline(box) : ellipseOutline(box));
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

type Place = [x: number, y: number];

function at([, x, y]: Points[number]): Place {
  return [x, y];
}

function apart([, x, y]: Points[number], [, otherX, otherY]: Points[number]): number {
  return Math.hypot(x - otherX, y - otherY);
}

function around(points: Points): Box {
  const xs = points.map(([, x]) => x);
  const ys = points.map(([, , y]) => y);
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** The mean distance, taken so that a few points far off count for more. */
function deviation(points: Points, off: (x: number, y: number) => number): number {
  return Math.sqrt(points.reduce((sum, [, x, y]) => sum + off(x, y) ** 2, 0) / points.length);
}

/** How far a place is from the straight line through two others. */
function offLine(x: number, y: number, [fromX, fromY]: Place, [toX, toY]: Place): number {
  const length = Math.hypot(toX - fromX, toY - fromY) || 1;
  return Math.abs((toX - fromX) * (fromY - y) - (fromX - x) * (toY - fromY)) / length;
}

function offBox(x: number, y: number, box: Box): number {
  return Math.min(x - box.x, box.x + box.width - x, y - box.y, box.y + box.height - y);
}

/** About how far a place is from the ellipse that fills the box. */
function offEllipse(x: number, y: number, box: Box): number {
  const [across, down] = [box.width / 2, box.height / 2];
  const share = Math.hypot((x - box.x - across) / across, (y - box.y - down) / down);
  return Math.abs(share - 1) * Math.min(across, down);
}

function boxOutline({ x, y, width, height }: Box): Place[] {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
    [x, y],
  ];
}

function ellipseOutline({ x, y, width, height }: Box): Place[] {
  return Array.from({ length: CORNERS + 1 }, (_, corner) => {
    const angle = (corner / CORNERS) * 2 * Math.PI - Math.PI / 2;
    return [x + (width / 2) * (1 + Math.cos(angle)), y + (height / 2) * (1 + Math.sin(angle))];
  });
}

/** The places one after another, in the time that the hand took. */
function inTime(points: Points, places: Place[]): Points {
  const took = points.at(-1)?.[0] ?? 0;
  return places.map(([x, y], index) => [
    Math.round((took * index) / Math.max(1, places.length - 1)),
    Math.round(x * 10) / 10,
    Math.round(y * 10) / 10,
  ]);
}

/** An arrow from one place to another: its line, and both sides of its head. */
export function arrow([x, y]: Place, [toX, toY]: Place, took: number): Points {
  const angle = Math.atan2(toY - y, toX - x);
  const head = Math.min(60, Math.max(24, Math.hypot(toX - x, toY - y) * 0.25));
  const wing = (turn: number): Place => [toX - head * Math.cos(angle + turn), toY - head * Math.sin(angle + turn)];
  return inTime([[took, toX, toY]], [[x, y], [toX, toY], wing(0.45), [toX, toY], wing(-0.45)]);
}
