import { useState } from 'react';
import type { HomeAnswer } from '../../answers.types';
import { Button } from '../../ui/Button';
import { Menu, MenuEntry } from '../../ui/Menu';
import { Rename } from './Rename';
import { SeriesLook } from './SeriesLook';
import { useShelf } from './useShelf';

interface SeriesHeadingProps {
  series: HomeAnswer['series'][number];
  isFirst: boolean;
  isLast: boolean;
}

/** The name of a series, and what is done with all of it. */
export function SeriesHeading({ series, isFirst, isLast }: SeriesHeadingProps) {
  const [asked, setAsked] = useState<'rename' | 'look' | null>(null);
  const shelf = useShelf();
  const close = () => setAsked(null);
  return (
    <div className="mb-1 flex items-center gap-3">
      <h2 id={`series-${series.id}`} className="text-lg">
        {series.title}
      </h2>
      <Menu
        button={
          <Button look="quiet" aria-label={`More for the series ${series.title}`}>
            More
          </Button>
        }
      >
        <MenuEntry onSelect={() => setAsked('rename')}>Rename…</MenuEntry>
        <MenuEntry onSelect={() => setAsked('look')}>One look for all its lessons…</MenuEntry>
        {!isFirst && <MenuEntry onSelect={() => shelf.changeSeries(series.id, { by: -1 })}>Earlier</MenuEntry>}
        {!isLast && <MenuEntry onSelect={() => shelf.changeSeries(series.id, { by: 1 })}>Later</MenuEntry>}
      </Menu>
      <Rename
        open={asked === 'rename'}
        onClose={close}
        title={series.title}
        label="Title of the series"
        onRename={(title) => shelf.changeSeries(series.id, { title })}
      />
      {asked === 'look' && <SeriesLook series={series} onClose={close} />}
    </div>
  );
}
