/** The signs over the words of what can be done while recording, in a square of 24. */
export const PEN = 'M4 20l1-4L16.5 4.5a2.1 2.1 0 0 1 3 3L8 19zM14.5 6.5l3 3';
export const MARKER = 'M9 15l-2-2 8-8a2 2 0 0 1 3 0l1 1a2 2 0 0 1 0 3l-8 8zM7 13l-3 4.5h4l1-1M4 21h16';
export const ARROW = 'M5 19L19 5M10 5h9v9';
export const TAKE_BACK = 'M9 7l-5 5 5 5M4 12h10a6 6 0 0 1 6 6v1';
export const CLOTH = 'M4 15l8-8 7 7-5 5H8zM8 11l7 7M14 19h7';
export const PATCH = 'M4 5h16v14H4zM4 11l6-6M5 18L18 5M12 19l8-8';
export const OPEN = 'M2.5 12S6 6 12 6s9.5 6 9.5 6-3.5 6-9.5 6-9.5-6-9.5-6zM12 9.5a2.5 2.5 0 1 1 0 5 2.5 2.5 0 0 1 0-5z';
export const GLASS = 'M10.5 4a6.5 6.5 0 1 1 0 13 6.5 6.5 0 0 1 0-13zM15.5 15.5L20 20M10.5 8v5M8 10.5h5';
export const CORNERS = 'M4 9V4h5M15 4h5v5M20 15v5h-5M9 20H4v-5';
export const SPARK =
  'M12 9a3 3 0 1 1 0 6 3 3 0 0 1 0-6zM12 3v2M12 19v2M3 12h2M19 12h2M5.6 5.6L7 7M17 17l1.4 1.4M5.6 18.4L7 17M17 7l1.4-1.4';
export const CAMERA = 'M3 7h11v10H3zM14 10.5l6-3v9l-6-3';
export const FILM_STRIP = 'M4 5h16v14H4zM8 5v14M16 5v14M4 9h4M4 14h4M16 9h4M16 14h4';
export const HAND_SIGN =
  'M8 13V6.5a1.5 1.5 0 0 1 3 0V11M11 10.5v-6a1.5 1.5 0 0 1 3 0v6M14 10.5V6a1.5 1.5 0 0 1 3 0v8a6 6 0 0 1-6 6c-2.5 0-4-1-5.200-2.800L3.900 14a1.4 1.4 0 0 1 2.300-1.6L8 14.5';
export const TAG = 'M4 6h9l7 6-7 6H4zM8 12h.01';
