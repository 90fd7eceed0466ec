import QRCode from 'qrcode';

/** A text as a code to scan (ISO/IEC 18004): its dark modules as one SVG path, a module being one unit. */
export function code(text) {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: 'M' }).modules;
  let path = '';
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column < size; column += 1) {
      let length = 0;
      while (column + length < size && data[row * size + column + length]) length += 1;
      if (length > 0) path += `M${column} ${row}h${length}v1h-${length}z`;
      column += length;
    }
  }
  return { size, path };
}
