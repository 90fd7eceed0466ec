import { type Zippable, zip } from 'fflate';
import { Problem } from '../../request';

const SLIDES = /\.(pptx|ppsx|pptm|potx|odp)$/i;
const PAGES = /\.pdf$/i;
const PICTURE = /\.(png|jpe?g|webp|svg)$/i;

/** What is sent to the server: a file, and beside slides the pages of the same. */
export interface Parcel {
  file: File;
  pages?: File;
}

/**
 * What is sent of the files that were chosen.
 *
 * @throws Problem where it is not known what they are together
 */
export async function parcel(files: File[]): Promise<Parcel> {
  const [first, second] = files;
  if (first && !second) return { file: first };
  const slides = files.find((each) => SLIDES.test(each.name));
  const pages = files.find((each) => PAGES.test(each.name));
  if (files.length === 2 && slides && pages) return { file: slides, pages };
  const pictures = files.filter((each) => PICTURE.test(each.name));
  if (pictures.length > 0 && !slides && !pages) return { file: await packed(pictures) };
  throw new Problem(422, 'Choose one file, or slides together with their PDF, or several pictures.');
}

/** Pictures in one file, named by the folder that they lie in. */
async function packed(pictures: File[]): Promise<File> {
  const entries: Zippable = {};
  for (const picture of pictures) {
    const bytes = new Uint8Array(await picture.arrayBuffer());
    entries[freeName(entries, picture.name)] = [bytes, { level: 0 }];
  }
  const bytes = await new Promise<Uint8Array<ArrayBuffer>>((done, failed) => {
    zip(entries, (error, data) => (error ? failed(error) : done(data as Uint8Array<ArrayBuffer>)));
  });
  const folder = pictures[0]?.webkitRelativePath.split('/')[0];
  return new File([bytes], `${folder || 'Pictures'}.zip`, { type: 'application/zip' });
}

/** Pictures of several folders may have the same name. */
function freeName(entries: Zippable, name: string): string {
  let free = name;
  for (let number = 2; free in entries; number++) {
    free = name.replace(/(\.[^.]+)$/, ` ${number}$1`);
  }
  return free;
}
