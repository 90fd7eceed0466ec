import { useCallback, useState } from 'react';
import { useLocation, useNavigationType, useSearchParams } from 'react-router';

/**
 * The slide that is worked on, and a way to choose another. It is chosen before the next key is pressed, and the address, which
 * takes a moment, follows; an address that was gone to by a link, or back to, names the slide itself.
 */
export function useChosenSlide(): [string | null, (slide: string) => void] {
  const [search, setSearch] = useSearchParams();
  const { key } = useLocation();
  const [place, setPlace] = useState({ key, slide: search.get('slide') });
  const isFollowing = useNavigationType() === 'REPLACE';
  const slide = place.key === key || isFollowing ? place.slide : search.get('slide');
  if (place.key !== key) setPlace({ key, slide });

  const choose = useCallback(
    (chosen: string) => {
      setPlace((before) => ({ ...before, slide: chosen }));
      setSearch({ slide: chosen }, { replace: true });
    },
    [setSearch],
  );
  return [slide, choose];
}
