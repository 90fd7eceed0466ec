import { useEffect } from 'react';
import type { Programme } from '../answers.types';
import { clock } from '../clock';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { ClipsSeen, PlayingClip, useClips } from './ClipsSeen';
import { OutsideLinks } from './OutsideLinks';
import { usePlayer } from './Player';
import { SeenStage, SideSlides } from './SideSlides';
import { useSideTrip } from './sideTrip';

interface PreviewProps {
  programme: Programme;
  onSlide?: (slide: string) => void;
}

/** A programme for the teacher to play: it stops at pause points, and goes on at once when told to. */
export function Preview({ programme, onSlide }: PreviewProps) {
  const player = usePlayer(programme, 0, true);
  const trip = useSideTrip(programme, player);
  const clips = useClips(programme, player);
  const here = programme.chapters.find((chapter) => player.at < chapter.until)?.slide;
  useEffect(() => {
    if (here && onSlide) onSlide(here);
  }, [here, onSlide]);
  return (
    <div>
      <div className="relative border border-rule">
        <SeenStage programme={programme} at={player.at} trip={trip} />
        <PlayingClip clips={clips} player={player} hasCaptions />
      </div>
      <SideSlides programme={programme} trip={trip} />
      {!trip.here && <ClipsSeen clips={clips} />}
      <OutsideLinks programme={programme} at={player.at} here={trip.here} onOpen={player.pause} />
      <div className="mt-2 flex items-center gap-3">
        {player.waiting ? (
          <Button look="main" onClick={player.goOn}>
            {player.waiting.clip
              ? 'Go on without the clip'
              : `Go on after the pause of ${clock(player.waiting.seconds)}`}
          </Button>
        ) : (
          <Button look="main" onClick={player.isPlaying ? player.pause : player.play}>
            {player.isPlaying ? 'Stop' : 'Play'}
          </Button>
        )}
        <input
          type="range"
          aria-label="Place in the recording"
          min={0}
          max={programme.length}
          value={player.at}
          onChange={(event) => player.seek(Number(event.target.value))}
          className="h-10 grow accent-action"
        />
        <span className="tabular-nums">
          {clock(player.at / 1000)} / {clock(programme.length / 1000)}
        </span>
      </div>
      {player.trouble && <Notice tone="trouble">{player.trouble}</Notice>}
    </div>
  );
}
