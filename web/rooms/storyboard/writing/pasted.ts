/** What a text field takes from the clipboard: lines, of which those of a list begin with “- ”. */

const BULLET = /^\s*[•◦▪‣·–*-]\s+/;

export function pastedLines(clipboard: DataTransfer): string[] {
  const html = clipboard.getData('text/html');
  const lines = html ? linesOfHtml(html) : [];
  return lines.length > 0 ? lines : linesOfText(clipboard.getData('text/plain'));
}

/** The cells of a table, rows first; null where what was copied is none. */
export function pastedCells(clipboard: DataTransfer): string[][] | null {
  const html = clipboard.getData('text/html');
  return (html && cellsOfHtml(html)) || cellsOfText(clipboard.getData('text/plain'));
}

/** Spreadsheets copy cells with tabs between them. */
export function cellsOfText(text: string): string[][] | null {
  const rows = text.replace(/\r/g, '').replace(/\n+$/, '').split('\n');
  return rows.some((row) => row.includes('\t')) ? rows.map((row) => row.split('\t').map((cell) => cell.trim())) : null;
}

function cellsOfHtml(html: string): string[][] | null {
  const table = new DOMParser().parseFromString(html, 'text/html').querySelector('table');
  const rows = [...(table?.rows ?? [])].map((row) =>
    [...row.cells].map((cell) => (cell.textContent ?? '').replace(/\s+/g, ' ').trim()),
  );
  return rows.some((row) => row.length > 1) ? rows : null;
}

export function linesOfText(text: string): string[] {
  return text
    .split(/\r\n|\r|\n/)
    .map((line) => (BULLET.test(line) ? `- ${line.replace(BULLET, '')}` : line).trim())
    .filter((line) => line !== '');
}

/** Paragraphs and points; the page that it comes from is never shown, and nothing in it runs or is fetched. */
export function linesOfHtml(html: string): string[] {
  const parsed = new DOMParser().parseFromString(html, 'text/html');
  const lines: string[] = [];
  let line = '';
  const end = (mark = '') => {
    const words = line.replace(/\s+/g, ' ').trim();
    if (words) lines.push(mark + words);
    line = '';
  };
  const read = (node: Node, mark: string) => {
    if (node.nodeType === Node.TEXT_NODE) line += node.textContent ?? '';
    if (!(node instanceof HTMLElement) || node.matches('script, style, head, template')) return;
    if (node.tagName === 'BR') return end(mark);
    const isOwnLine = node.matches('p, div, li, h1, h2, h3, h4, h5, h6, blockquote, tr, ul, ol, section, article');
    const own = node.tagName === 'LI' ? '- ' : isOwnLine ? '' : mark;
    if (isOwnLine) end(mark);
    for (const child of node.childNodes) read(child, own);
    if (isOwnLine) end(own);
  };
  for (const child of parsed.body.childNodes) read(child, '');
  end();
  return lines;
}
