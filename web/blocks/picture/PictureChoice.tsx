import { useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { PictureSearch } from './PictureSearch';
import { PictureWords } from './PictureWords';

interface PictureChoiceProps {
  medium: string | null;
  onChoose: (medium: string | null) => void;
}

/** A picture from the library or from a file, with what must be said about it. */
export function PictureChoice({ medium, onChoose }: PictureChoiceProps) {
  const desk = useDesk();
  const chosen = medium ? desk.document.media[medium] : undefined;
  return (
    <>
      <PictureSearch label={chosen ? 'Another file' : 'Choose a file'} onChoose={onChoose} />
      {chosen && (
        <>
          <PictureWords medium={medium ?? ''} />
          <Button look="quiet" className="self-start" onClick={() => onChoose(null)}>
            Take the picture off
          </Button>
        </>
      )}
    </>
  );
}
