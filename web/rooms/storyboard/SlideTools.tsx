import { useNavigate } from 'react-router';
import type { Slide } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Menu, MenuEntry } from '../../ui/Menu';
import { useDesk } from '../lesson/desk';
import { deleteSlide, duplicateSlide, moveSlide } from '../lesson/slides';

/** What can be done with a whole slide: arrange it, move it, copy it, delete it, take it away. */
export function SlideTools({ slide, onArrange }: { slide: Slide; onArrange: () => void }) {
  const desk = useDesk();
  const copy = () => {
    let made = slide.id;
    desk.edit((draft) => {
      made = duplicateSlide(draft, slide.id);
    });
    desk.chooseSlide(made);
  };
  const fetchPicture = (kind: 'png' | 'svg') =>
    window.location.assign(`/api/lessons/${desk.id}/slides/${slide.id}/picture.${kind}`);
  const navigate = useNavigate();
  const tools: [label: string, work: () => void][] = [
    ['Arrange', onArrange],
    ['Earlier', () => desk.edit((draft) => moveSlide(draft, slide.id, -1))],
    ['Later', () => desk.edit((draft) => moveSlide(draft, slide.id, 1))],
    ['Copy', copy],
    ['Delete', () => desk.edit((draft) => deleteSlide(draft, slide.id))],
  ];
  return (
    <div className="ml-auto flex">
      {tools.map(([label, work]) => (
        <Button key={label} look="quiet" className="px-2!" onClick={work}>
          {label}
        </Button>
      ))}
      <Menu
        align="end"
        button={
          <Button look="quiet" className="px-2!">
            Take away
          </Button>
        }
      >
        <MenuEntry onSelect={() => fetchPicture('png')}>This slide as a picture (PNG)</MenuEntry>
        <MenuEntry onSelect={() => fetchPicture('svg')}>This slide as a drawing (SVG)</MenuEntry>
      </Menu>
      {desk.broughtSlides > 0 && (
        <Button look="quiet" className="px-2!" onClick={() => navigate(`/lesson/${desk.id}/brought-in`)}>
          How it came in
        </Button>
      )}
    </div>
  );
}
