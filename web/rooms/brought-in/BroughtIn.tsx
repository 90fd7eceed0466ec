import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { BroughtSlide, BroughtSlides, SlideChange } from '../../answers.types';
import { ask, sentence } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { SlideWays } from './SlideWays';
import { WhoseTheyAre } from './WhoseTheyAre';
import { putIn, type Way, wayOf } from './ways';

/** Slides as they came in from a file: for each, whether the lesson has it as blocks or as it looked. */
export function BroughtIn() {
  const desk = useDesk();
  const navigate = useNavigate();
  const findings = (useLocation().state ?? []) as string[];
  const [trouble, attempt] = useTrouble();
  const [drawn, setDrawn] = useState<number | null>(null);
  const brought = useQuery({
    queryKey: ['brought', desk.id],
    queryFn: () => ask<BroughtSlides>('GET', `/api/lessons/${desk.id}/brought`),
    staleTime: Number.POSITIVE_INFINITY,
  });

  const choose = async (slides: BroughtSlide[], way: Way) => {
    const others = slides.filter((each) => ![way, null].includes(wayOf(desk.document, each.looked.slide)));
    const changes: SlideChange[] = [];
    await attempt(async () => {
      for (const [number, each] of others.entries()) {
        const isDrawn = way === 'blocks' || Object.keys(each.looked.media ?? {}).length > 0;
        if (!isDrawn) setDrawn(number + 1);
        changes.push(isDrawn ? each[way] : await lookedAt(desk.id, each.slide));
      }
    });
    setDrawn(null);
    desk.edit((draft) => {
      for (const change of changes) putIn(draft, change);
    });
  };

  const slides = brought.data?.slides ?? [];
  return (
    <main className="mx-auto w-full max-w-7xl px-6 pt-6 pb-20">
      <h2 className="text-2xl">How the slides came in</h2>
      <div className="flex flex-wrap items-center gap-3 pt-1">
        <p className="mr-auto text-quiet">
          Blocks can be changed, told in steps and asked about. As it looked, a slide stays as it was.
        </p>
        <Button onClick={() => void choose(slides, 'blocks')}>All as blocks</Button>
        <Button onClick={() => void choose(slides, 'looked')}>All as they looked</Button>
        <Button look="main" onClick={() => navigate(`/lesson/${desk.id}/storyboard`)}>
          Go on
        </Button>
      </div>
      <p role="status" className="min-h-6 pt-1 text-small text-quiet">
        {drawn !== null && `Drawing slide ${drawn} as it looked …`}
      </p>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {brought.isError && <Notice tone="trouble">{sentence(brought.error)}</Notice>}
      {brought.isPending && <p>Drawing the slides both ways …</p>}
      <General findings={findings} />
      <WhoseTheyAre />
      <ol className="grid grid-cols-1 gap-x-8 gap-y-6 pt-2 lg:grid-cols-2">
        {slides.map((each) => (
          <li key={each.slide}>
            <SlideWays
              slide={each}
              way={wayOf(desk.document, each.looked.slide)}
              onChoose={(way) => void choose([each], way)}
            />
          </li>
        ))}
      </ol>
    </main>
  );
}

const lookedAt = (lesson: string, slide: string) => ask<SlideChange>('POST', `/api/lessons/${lesson}/brought/${slide}`);

/** What is said of a slide by itself stands beside that slide. */
function General({ findings }: { findings: string[] }) {
  const general = findings.filter((finding) => !finding.startsWith('Of slide '));
  if (general.length === 0) return null;
  return (
    <Notice>
      <ul className="list-disc pl-5">
        {general.map((finding) => (
          <li key={finding}>{finding}</li>
        ))}
      </ul>
    </Notice>
  );
}
