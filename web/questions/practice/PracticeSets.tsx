import { findSlide, newId, useDesk } from '../../rooms/lesson/desk';
import { addSlide } from '../../rooms/lesson/slides';
import { Button } from '../../ui/Button';
import { freshSeed } from './PracticeForm';
import { fillPracticeSlide } from './practiceSlide';

export interface PracticeSource {
  source: 'figure' | 'worked';
  maker: string;
  quantities: Record<string, unknown>;
}

interface PracticeSetsProps {
  from: PracticeSource;
  /** Adds one question at a level, on a slide of its own; false when it could not be made. */
  addQuestion: (level: number) => Promise<boolean>;
  onSaid: (sentence: string) => void;
}

/** A practice set at three levels: for the student to choose from, as pause points one after another, or on paper. */
export function PracticeSets({ from, addQuestion, onSaid }: PracticeSetsProps) {
  const desk = useDesk();
  const asChoice = () => {
    desk.edit((draft) => fillPracticeSlide(findSlide(draft, addSlide(draft, 'your-turn', null)), from));
    onSaid('A practice set at three levels was added to Your turn.');
  };
  const asPauses = async () => {
    for (const level of [1, 2, 3]) if (!(await addQuestion(level))) return;
    onSaid('Three questions, one at each level, were added to Your turn.');
  };
  const onPaper = () => {
    desk.edit((draft) => {
      draft.handout = [
        ...(draft.handout ?? []),
        { id: newId('practice'), ...structuredClone(from), seed: freshSeed(), count: 3 },
      ];
    });
    onSaid('A practice set was put on the handout. You find it in Share.');
  };
  const isFull = (desk.document.handout?.length ?? 0) >= 12;
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="w-full text-small text-quiet">A practice set at three levels</span>
      <Button onClick={asChoice}>Students choose a level</Button>
      <Button onClick={() => void asPauses()}>Three pause points</Button>
      <Button onClick={onPaper} disabled={isFull}>
        On the handout
      </Button>
    </div>
  );
}
