import { useEffect, useRef, useState } from 'react';
import type { Finding } from '../../answers.types';
import { ArrivingClips } from '../../blocks/clip/ArrivingClips';
import { PARTS, type PartKind } from '../../parts';
import { sentence } from '../../request';
import { Button } from '../../ui/Button';
import { addAndFocus } from '../../ui/focus';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { useFindings } from '../lesson/findings';
import { useKinds } from '../lesson/kinds';
import { addSlide } from '../lesson/slides';
import { GatherCredits } from './GatherCredits';
import { Looks } from './Looks';
import { ReadyCheck } from './ReadyCheck';
import { COLUMNS, SlideRow } from './SlideRow';
import { fieldId } from './writing/fields';

/** Two columns, as film people write scripts: what is seen, and what is said. */
export function Storyboard() {
  const desk = useDesk();
  const kinds = useKinds();
  const check = useFindings(desk.id, desk.version);
  const findings = check.data?.findings ?? [];
  const rows = useRef(new Map<string, HTMLElement>());
  const [focus, setFocus] = useState<{ block: string | null; step: string | null } | null>(null);
  const current = desk.slide?.id;
  const scrolled = useRef<string | undefined>(undefined);

  useEffect(() => {
    if (!current || scrolled.current === current) return;
    scrolled.current = current;
    rows.current.get(current)?.scrollIntoView({ block: 'start', behavior: 'auto' });
  }, [current]);

  const goTo = (finding: Finding) => {
    if (!finding.slide) return;
    desk.chooseSlide(finding.slide);
    setFocus({ block: finding.block, step: finding.step });
  };
  /** Behind a slide, in its part. */
  const add = (after: string | null, part: PartKind) => {
    let id = '';
    addAndFocus(
      () => {
        desk.edit((draft) => {
          id = addSlide(draft, part, after);
        });
        desk.chooseSlide(id);
      },
      () => document.getElementById(fieldId(id, '', 'title')),
    );
  };

  // Nothing can be put on a slide or typed there before it is known what there is.
  if (kinds.isError) return <Notice tone="trouble">{sentence(kinds.error)}</Notice>;
  if (!kinds.data) return <main />;
  if (!desk.slide) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">A lesson is told slide by slide. Begin with the first.</p>
        <Button look="main" onClick={() => add(current ?? null, desk.part ?? 'opening')}>
          Add a slide
        </Button>
      </main>
    );
  }
  return (
    <main className="mx-auto w-full max-w-[96rem] grow px-6 pb-24">
      <ArrivingClips />
      <div className="flex flex-wrap items-start gap-4 py-3">
        {check.data && <ReadyCheck findings={findings} onChoose={goTo} />}
        <div className="ml-auto flex gap-2">
          <GatherCredits />
          <Looks slide={desk.slide.id} />
          <Button
            onClick={() => add(current ?? null, desk.part ?? 'opening')}
            title="Or Ctrl and Enter, while you type on a slide"
          >
            Add a slide after this one
          </Button>
        </div>
      </div>
      <div className={`grid ${COLUMNS} border-t border-rule text-small text-quiet`}>
        <h2 className="py-2 font-normal">What is seen</h2>
        <span />
        <h2 className="py-2 pl-4 font-normal">What is said</h2>
      </div>
      {PARTS.flatMap(({ kind }) =>
        desk.document.parts
          .filter((part) => part.kind === kind)
          .flatMap((part) =>
            part.slides.map((slide) => (
              <SlideRow
                key={slide.id}
                ref={(element) => {
                  if (element) rows.current.set(slide.id, element);
                  else rows.current.delete(slide.id);
                }}
                slide={slide}
                part={kind}
                isCurrent={slide.id === current}
                findings={findings.filter((finding) => finding.slide === slide.id && finding.setAside === null)}
                focus={slide.id === current ? focus : null}
                onNewSlide={() => add(slide.id, kind)}
                onChoose={() => {
                  scrolled.current = slide.id;
                  if (slide.id !== current) desk.chooseSlide(slide.id);
                }}
              />
            )),
          ),
      )}
    </main>
  );
}
