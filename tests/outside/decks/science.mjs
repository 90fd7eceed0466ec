// A lesson of science with tables, charts and drawn set-ups, as a colleague might have made it: node science.mjs FILE
// The measurements are made up.
import PptxGenJS from 'pptxgenjs';

const [, , file] = process.argv;
const deck = new PptxGenJS();
deck.layout = 'LAYOUT_16x9';
deck.title = 'Keeping warm water warm';
deck.theme = { headFontFace: 'Georgia', bodyFontFace: 'Arial' };
deck.defineSlideMaster({
  title: 'LAB',
  background: { color: 'FFFFFF' },
  objects: [
    { line: { x: 0.4, y: 0.95, w: 9.2, h: 0, line: { color: '2E7D5B', width: 2 } } },
    {
      placeholder: {
        options: { name: 'title', type: 'title', x: 0.4, y: 0.15, w: 9.2, h: 0.75, fontSize: 28, color: '2E7D5B', align: 'left' },
        text: '',
      },
    },
    { placeholder: { options: { name: 'body', type: 'body', x: 0.4, y: 1.1, w: 9.2, h: 4, fontSize: 20 }, text: '' } },
  ],
});

function slide(title, notes, points = []) {
  const made = deck.addSlide({ masterName: 'LAB' });
  made.addText(title, { placeholder: 'title' });
  if (points.length > 0) {
    const runs = points.map(([text, level = 0], index) => ({
      text,
      options: { bullet: true, indentLevel: level, breakLine: index < points.length - 1 },
    }));
    made.addText(runs, { placeholder: 'body' });
  }
  if (notes) made.addNotes(notes);
  return made;
}
const table = (made, rows, options) =>
  made.addTable(
    rows.map((row, index) =>
      row.map((text) => ({ text, options: index === 0 ? { bold: true, color: 'FFFFFF', fill: { color: '2E7D5B' } } : {} })),
    ),
    { x: 0.6, y: 1.3, w: 8.8, fontSize: 16, border: { type: 'solid', pt: 1, color: '888888' }, ...options },
  );

const opening = deck.addSlide();
opening.background = { color: '2E7D5B' };
opening.addText('Keeping warm water warm', { x: 0.8, y: 1.7, w: 8.4, h: 1.2, fontSize: 40, bold: true, color: 'FFFFFF' });
opening.addText('An investigation', { x: 0.8, y: 3, w: 8.4, h: 0.7, fontSize: 24, color: 'DDEFE6' });
opening.addNotes('A cup of tea grows cold. Which wrapping keeps it warm the longest?');

slide('What we want to know', 'One question, and one thing that we change.', [
  ['Which wrapping keeps water warm the longest?'],
  ['We change the wrapping and nothing else.'],
]);
slide('Words for today', 'Say each word, then its meaning.', [
  ['insulator: lets little heat through'],
  ['conductor: lets heat through quickly'],
  ['variable: what can be changed'],
]);
const setup = slide('What stands on the bench', 'Four cups, the same water, the same room.');
['wool', 'foil', 'paper', 'nothing'].forEach((name, index) => {
  const x = 0.7 + index * 2.3;
  setup.addShape(deck.ShapeType.rect, { x, y: 2.2, w: 1.4, h: 1.8, fill: { color: 'CFE8F5' }, line: { color: '1F4E66', width: 2 } });
  setup.addText(name, { x: x - 0.2, y: 4.2, w: 1.8, h: 0.5, align: 'center', fontSize: 18 });
});
slide('Keep these the same', 'A test is fair when one thing changes.', [
  ['the same cup'],
  ['the same amount of water', 0],
  ['250 ml in each', 1],
  ['the same start: 70 °C', 0],
]);
slide('Step by step', 'Read the steps before you begin.', [
  ['Wrap three cups, leave one bare.'],
  ['Pour in water of 70 °C.'],
  ['Read the thermometer every 5 minutes.'],
  ['Write each reading down at once.'],
]);
slide('Stay safe', 'Hot water is poured by the teacher.', [['Only the teacher pours.'], ['Stand, do not sit.'], ['Wipe up what is spilt.']]);
table(slide('Our readings', 'Which column falls the slowest?'), [
  ['minutes', 'wool', 'foil', 'paper', 'nothing'],
  ['0', '70', '70', '70', '70'],
  ['5', '66', '63', '64', '60'],
  ['10', '62', '57', '59', '52'],
  ['15', '59', '52', '54', '46'],
  ['20', '56', '48', '50', '41'],
]);
slide('The same as lines', 'The line that lies highest kept its water warmest.').addChart(
  deck.ChartType.line,
  [
    { name: 'wool', labels: ['0', '5', '10', '15', '20'], values: [70, 66, 62, 59, 56] },
    { name: 'nothing', labels: ['0', '5', '10', '15', '20'], values: [70, 60, 52, 46, 41] },
  ],
  { x: 0.8, y: 1.2, w: 8.4, h: 4, showLegend: true, catAxisTitle: 'minutes', showCatAxisTitle: true, valAxisTitle: '°C', showValAxisTitle: true },
);
slide('How much was lost', 'Lost means: at the start less at the end.').addChart(
  deck.ChartType.bar,
  [{ name: 'degrees lost', labels: ['wool', 'paper', 'foil', 'nothing'], values: [14, 20, 22, 29] }],
  { x: 0.8, y: 1.2, w: 8.4, h: 4, barDir: 'col' },
);
slide('Work it out', '70 − 56 = 14 for wool. Do the others.', [['wool: 70 − 56 = 14'], ['foil: 70 − 48 = ?'], ['paper: 70 − 50 = ?']]);
const heat = slide('Where the heat goes', 'Heat goes from the warm water through the wall to the cold room.');
heat.addText('water 70 °C', { shape: deck.ShapeType.ellipse, x: 0.8, y: 2.2, w: 2.6, h: 1.6, fill: { color: 'F7C9A9' }, align: 'center', fontSize: 18 });
heat.addShape(deck.ShapeType.rightArrow, { x: 3.6, y: 2.7, w: 2, h: 0.6, fill: { color: 'C0392B' } });
heat.addText('room 20 °C', { shape: deck.ShapeType.ellipse, x: 5.9, y: 2.2, w: 2.6, h: 1.6, fill: { color: 'CFE8F5' }, align: 'center', fontSize: 18 });
heat.addText('through the wall of the cup', { x: 3, y: 3.5, w: 3.2, h: 0.5, align: 'center', fontSize: 16 });
slide('Why wool?', 'Air that cannot move is a good insulator.', [['Wool holds air between its threads.'], ['Air that stands still lets little heat through.']]);
slide('Another class', 'Do the points lie near a line?').addChart(
  deck.ChartType.scatter,
  [
    { name: 'layers', values: [1, 2, 3, 4, 5] },
    { name: 'degrees lost', values: [25, 21, 18, 16, 15] },
  ],
  { x: 0.8, y: 1.2, w: 8.4, h: 4 },
);
table(slide('Good to know', 'Higher numbers let more heat through.'), [
  ['material', 'lets heat through'],
  ['still air', '0.03'],
  ['wool', '0.04'],
  ['paper', '0.05'],
  ['water', '0.6'],
  ['aluminium', '240'],
]);
slide('What could have gone wrong', 'No test is perfect.', [['Cups stood at different places.'], ['Somebody read late.'], ['The lid was off while we read.']]);
slide('Our answer', 'Give the answer and the reason.', [['Wool kept the water warmest.'], ['It lost 14 °C in 20 minutes, the bare cup 29 °C.']]);
slide('Use it', 'Think of a flask, a coat, a nest.', [['Why does a flask have two walls?'], ['Why do birds fluff up in the cold?']]);
slide('Check yourself', 'Write the answers.', [['What did we change?'], ['What did we keep the same?'], ['Which wrapping lost the least heat?']]);
slide('At home', '', [['Find three insulators in your kitchen.'], ['Say what each keeps warm or cold.']]);

await deck.writeFile({ fileName: file });
