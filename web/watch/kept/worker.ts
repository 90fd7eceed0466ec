import { clientsClaim } from 'workbox-core';
import { cleanupOutdatedCaches, matchPrecache, type PrecacheEntry, precache } from 'workbox-precaching';
import { RangeRequestsPlugin } from 'workbox-range-requests';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheOnly } from 'workbox-strategies';
import { OPENED } from './opened';

// Of a worker’s own scope nothing more is needed here.
declare const self: { __WB_MANIFEST: PrecacheEntry[]; skipWaiting(): Promise<void> };

/** Milliseconds that a page waits for a poor connection before the kept one is shown. */
const PATIENCE = 4000;

const PAGE = '/join';

void self.skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precache(self.__WB_MANIFEST);

// The student’s page: as the server has it now, or as it was when a lesson was kept.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const kept = await matchPrecache(PAGE);
      if (!kept) return fetch(request);
      try {
        const answer = await fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
        // What stands between may answer for a server that is away.
        return answer.status < 500 ? answer : kept;
      } catch {
        return kept;
      }
    },
    { allowlist: [/^\/(w|join)(\/|$)/] },
  ),
);

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && (url.pathname.startsWith('/build/') || url.pathname === '/icon.svg'),
  async ({ request }) => (await matchPrecache(request.url)) ?? fetch(request),
);

// Pictures, sounds and films that were opened; a player asks for a stretch of them.
const opened = new CacheOnly({ cacheName: OPENED, plugins: [new RangeRequestsPlugin()] });
registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin &&
    request.mode !== 'navigate' &&
    /^\/api\/watch\/[a-z0-9]{22}\/(media|film|sound|tasks|handout)/.test(url.pathname),
  async (options) => {
    try {
      return await opened.handle(options);
    } catch {
      return fetch(options.request);
    }
  },
);
