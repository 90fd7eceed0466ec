import type { HomeAnswer } from '../../answers.types';
import { Sheet } from '../../ui/Sheet';
import { LookGrid } from '../lesson/LookGrid';
import { useShelf } from './useShelf';

/** One look for all lessons of a series, chosen by what it makes of the first slide of the first one. */
export function SeriesLook({ series, onClose }: { series: HomeAnswer['series'][number]; onClose: () => void }) {
  const shelf = useShelf();
  const lesson = series.lessons[0];
  const slide = lesson?.strip.flatMap((part) => part.slides)[0];
  return (
    <Sheet open onClose={onClose} title={`One look for “${series.title}”`} wide>
      {lesson && slide ? (
        <LookGrid
          lesson={lesson.id}
          slide={slide.id}
          chosen={undefined}
          onChoose={(look) => {
            shelf.changeSeries(series.id, { look });
            onClose();
          }}
        />
      ) : (
        <p>There is no slide in this series yet.</p>
      )}
    </Sheet>
  );
}
