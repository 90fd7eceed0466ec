// A lesson of history with photographs, as a colleague might have made it: node history.mjs FILE PICTURES
// PICTURES is a folder with 1.jpg to 6.jpg. Texts are made up.
import PptxGenJS from 'pptxgenjs';

const [, , file, pictures] = process.argv;
const photo = (number) => `${pictures}/${number}.jpg`;
const deck = new PptxGenJS();
deck.layout = 'LAYOUT_WIDE';
deck.title = 'A harbour in 1850';
deck.defineSlideMaster({
  title: 'HARBOUR',
  background: { color: 'F4EFE6' },
  objects: [
    { rect: { x: 0, y: 7.1, w: 13.33, h: 0.4, fill: { color: '7A4B2A' } } },
    { text: { text: 'Year 6 history', options: { x: 0.4, y: 7.1, w: 5, h: 0.4, fontSize: 12, color: 'FFFFFF' } } },
    {
      placeholder: {
        options: { name: 'title', type: 'title', x: 0.6, y: 0.3, w: 12, h: 1, fontSize: 36, bold: true, color: '7A4B2A' },
        text: '',
      },
    },
    {
      placeholder: {
        options: { name: 'body', type: 'body', x: 0.6, y: 1.5, w: 6, h: 5, fontSize: 22, color: '333333' },
        text: '',
      },
    },
  ],
  slideNumber: { x: 12.4, y: 7.1, color: 'FFFFFF' },
});

function slide(title, notes, points = []) {
  const made = deck.addSlide({ masterName: 'HARBOUR' });
  made.addText(title, { placeholder: 'title' });
  if (points.length > 0) {
    made.addText(
      points.map((text, index) => ({ text, options: { bullet: true, breakLine: index < points.length - 1 } })),
      { placeholder: 'body' },
    );
  }
  made.addNotes(notes);
  return made;
}
const right = { x: 7, y: 1.6, w: 5.6, h: 4.6 };

const opening = deck.addSlide({ masterName: 'HARBOUR' });
opening.addImage({ path: photo(1), x: 0, y: 0, w: 13.33, h: 7.1, altText: 'A harbour at low water' });
opening.addText('A harbour in 1850', { x: 1, y: 2.6, w: 11.3, h: 1.4, fontSize: 54, bold: true, color: 'FFFFFF', align: 'center' });
opening.addText('Who worked here, and at what?', { x: 1, y: 4, w: 11.3, h: 0.8, fontSize: 26, color: 'FFFFFF', align: 'center' });
opening.addNotes('Look at the picture for a moment. What do you hear in your mind?');

slide('What you will find out', 'Three things today.', [
  'who worked in a harbour of 1850',
  'how goods came ashore',
  'why sail gave way to steam',
]);
slide('Look first, then guess', 'Write down three things that you can see. Then one thing that you only guess.', [
  'three things that you see',
  'one thing that you guess',
]).addImage({ path: photo(2), ...right, altText: 'Barrels and ropes on a quay' });
slide('The quay', 'The quay is the stone edge where ships lie.', ['stone, never wood', 'rings of iron for the ropes']).addImage({
  path: photo(3),
  ...right,
  altText: 'A stone quay with iron rings',
});

const crane = slide('A crane and its parts', 'The post stands still. The arm turns. Two men walk in the wheel.');
crane.addImage({ path: photo(4), x: 3.6, y: 1.5, w: 6, h: 5.2, altText: 'A wooden crane' });
for (const [text, y] of [
  ['arm', 2],
  ['wheel', 3.7],
  ['post', 5.4],
]) {
  crane.addText(text, { x: 0.6, y, w: 1.8, h: 0.6, fontSize: 20, bold: true });
  crane.addShape(deck.ShapeType.line, { x: 2.3, y: y + 0.3, w: 3, h: 0.2, line: { color: '7A4B2A', width: 2, endArrowType: 'triangle' } });
}

const way = slide('From ship to shop', 'Follow the barrel. It changes hands four times.');
['ship', 'crane', 'cart', 'shop'].forEach((name, index) => {
  const x = 0.7 + index * 3.15;
  way.addText(name, { shape: deck.ShapeType.roundRect, x, y: 3, w: 2.2, h: 1.2, fill: { color: 'E5D3BC' }, line: { color: '7A4B2A', width: 2 }, align: 'center', fontSize: 24 });
  if (index < 3) way.addShape(deck.ShapeType.rightArrow, { x: x + 2.3, y: 3.35, w: 0.75, h: 0.5, fill: { color: '7A4B2A' } });
});

slide('Who worked here?', 'Read the list. Whose work would you have liked?', [
  'sailors, away for months',
  'porters, paid by the load',
  'rope makers, who walked backwards all day',
  'clerks, who counted everything',
]);
const two = slide('Two views of one quay', 'The same place, thirty years apart. What has gone?');
two.addImage({ path: photo(5), x: 0.6, y: 1.6, w: 5.9, h: 4.3, altText: 'The quay in 1850' });
two.addImage({ path: photo(6), x: 6.8, y: 1.6, w: 5.9, h: 4.3, altText: 'The quay in 1880' });
two.addText('1850', { x: 0.6, y: 6, w: 5.9, h: 0.6, align: 'center', fontSize: 20 });
two.addText('1880', { x: 6.8, y: 6, w: 5.9, h: 0.6, align: 'center', fontSize: 20 });

const ships = slide('Ships that called', 'Add the two columns in your head. Did more ships come, or fewer?');
ships.addTable(
  [
    ['year', 'sail', 'steam'].map((text) => ({ text, options: { bold: true, fill: { color: 'E5D3BC' } } })),
    ['1850', '110', '10'],
    ['1865', '84', '31'],
    ['1880', '40', '92'],
  ],
  { x: 1.5, y: 1.8, w: 10, fontSize: 22, border: { type: 'solid', pt: 1, color: '7A4B2A' } },
);
const line = slide('What happened when', 'Find the year in which the railway came.');
line.addShape(deck.ShapeType.line, { x: 0.8, y: 4, w: 11.7, h: 0, line: { color: '333333', width: 4 } });
[
  [1, '1838', 'first steamer'],
  [4, '1850', 'new quay'],
  [7, '1861', 'railway'],
  [10, '1880', 'last sail maker'],
].forEach(([x, year, what]) => {
  line.addShape(deck.ShapeType.ellipse, { x, y: 3.8, w: 0.4, h: 0.4, fill: { color: '7A4B2A' } });
  line.addText(year, { x: x - 0.6, y: 3, w: 1.6, h: 0.6, align: 'center', fontSize: 20, bold: true });
  line.addText(what, { x: x - 1, y: 4.4, w: 2.4, h: 0.8, align: 'center', fontSize: 18 });
});

slide('A letter home', '', []).addText(
  '“Dear Ada, we lay off the bar two days for want of wind. The tug took us in for four shillings, and glad we were to pay it. The quay is all mud and shouting.”',
  { x: 1.5, y: 2, w: 10.3, h: 3, fontSize: 26, italic: true },
);
slide('Think about it', 'Stop here and write two sentences.', ['Why did the captain pay the tug?', 'What does “for want of wind” mean?']);
slide('Smells and sounds', 'Close your eyes while I read.', ['tar and fish', 'hammers, bells, gulls']).addImage({ path: photo(2), ...right, altText: 'Barrels' });
slide('Wages', 'A shilling was twelve pence.', ['porter: 3 shillings a day', 'boy: 1 shilling a day', 'bread for a family: 6 pence a day']);
slide('Dangerous work', 'Nobody paid a porter who was hurt.', ['falling loads', 'wet stones', 'no doctor on the quay']).addImage({ path: photo(3), ...right, altText: 'Wet stones' });
slide('Why steam won', 'Give each reason a mark from one to three.', ['no waiting for wind', 'fewer men on board', 'arrives on the day that was promised']);
slide('But sail stayed', 'Some kept their sails for forty years more.', ['wind costs nothing', 'coal needs room']).addImage({ path: photo(1), ...right, altText: 'Sails' });
slide('What we found out', 'Say it in your own words first.', ['harbours needed many hands', 'goods changed hands many times', 'steam made time certain']);
slide('Check yourself', 'No looking back.', ['Name three kinds of work in a harbour.', 'How did goods come ashore?', 'Give one reason why steam won.']);
slide('At home', 'Ask somebody older than you.', ['Ask: what work has gone since you were young?', 'Write down the answer in three sentences.']);

await deck.writeFile({ fileName: file });
