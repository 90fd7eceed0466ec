// Reads a presentation with officeparser, which is not ours, and writes what it found as JSON: node read-presentation.mjs FILE
import { parseOffice } from 'officeparser';

const found = await parseOffice(process.argv[2]);
const written = (node) => (node.children?.length ? node.children.map(written).join('\n') : (node.text ?? ''));
const slides = found.content
  .filter((node) => node.type === 'slide')
  .map((slide) => ({
    texts: slide.children.filter((node) => node.type !== 'image').map((node) => node.text),
    headings: slide.children.filter((node) => node.type === 'heading').map((node) => node.text),
    pictures: slide.children.filter((node) => node.type === 'image').map((node) => node.metadata?.altText ?? ''),
    notes: (slide.notes ?? []).map(written).join('\n'),
  }));
process.stdout.write(JSON.stringify({ title: found.metadata.title, slides }));
