// Writes a presentation with pptxgenjs, which is not ours: node write-presentation.mjs FILE PICTURE
import PptxGenJS from 'pptxgenjs';

const [, , file, picture] = process.argv;
const deck = new PptxGenJS();
deck.layout = 'LAYOUT_4x3';
deck.title = 'The harbour in 1850 & now';
deck.defineSlideMaster({
  title: 'PLAIN',
  objects: [{ placeholder: { options: { name: 'title', type: 'title', x: 0.5, y: 0.2, w: 9, h: 1 }, text: '' } }],
  slideNumber: { x: 9, y: 7 },
});

const first = deck.addSlide({ masterName: 'PLAIN' });
first.addText('What did a harbour look like?', { placeholder: 'title' });
first.addText('Ships < 40 m, “sail” & oar', { x: 1, y: 2, w: 6, h: 1 });
first.addText(
  [
    { text: 'cranes', options: { bullet: true, breakLine: true } },
    { text: 'made of wood', options: { bullet: true, indentLevel: 1, breakLine: true } },
    { text: 'ropes', options: { bullet: true } },
  ],
  { x: 1, y: 3, w: 6, h: 2 },
);
first.addNotes('Look at the cranes.\nWhat are they made of?');

const second = deck.addSlide({ masterName: 'PLAIN' });
second.addText('One picture', { placeholder: 'title' });
second.addImage({ path: picture, x: 1, y: 2, w: 4, h: 3, altText: 'A red square, the harbour of our town' });
second.addImage({
  path: picture,
  ...{ x: 6, y: 2, w: 2, h: 2, altText: 'A part of it' },
  sizing: { type: 'crop', x: 0.5, y: 0, w: 1, h: 2 },
});
second.addShape(deck.ShapeType.line, { x: 1, y: 6, w: 3, h: 0 });

const third = deck.addSlide({ masterName: 'PLAIN' });
third.addText('Numbers', { placeholder: 'title' });
third.addTable(
  [
    [{ text: 'year' }, { text: 'ships' }],
    [{ text: '1850' }, { text: '120' }],
    [{ text: '1900' }, { text: '80' }],
  ],
  { x: 1, y: 2, w: 6 },
);
third.addChart(
  deck.ChartType.line,
  [
    { name: 'sail', labels: ['1850', '1900'], values: [110, 12.5] },
    { name: 'steam', labels: ['1850', '1900'], values: [10, 67.5] },
  ],
  { x: 1, y: 4, w: 6, h: 3 },
);

await deck.writeFile({ fileName: file });
