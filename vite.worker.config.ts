import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { defineConfig, type Manifest } from 'vite';

const built = readFileSync('public/build/manifest.json', 'utf8');
const version = createHash('sha256').update(built).digest('hex').slice(0, 16);

/** Everything that the student’s page is made of, as the build before has written it. */
function files(manifest: Manifest, entry: string): string[] {
  const chunk = manifest[entry];
  if (!chunk) return [];
  const imported = (chunk.imports ?? []).flatMap((each) => files(manifest, each));
  return [chunk.file, ...(chunk.css ?? []), ...(chunk.assets ?? []), ...imported];
}

// The worker that shows kept lessons: one script at the root, so that it may answer for every page of a student.
export default defineConfig({
  publicDir: false,
  define: {
    'self.__WB_MANIFEST': JSON.stringify(
      [
        { url: '/join', revision: version },
        { url: '/icon.svg', revision: version },
        ...new Set(files(JSON.parse(built), 'web/watch/main.tsx')),
      ].map((each) => (typeof each === 'string' ? { url: `/build/${each}`, revision: null } : each)),
    ),
  },
  build: {
    outDir: 'public',
    emptyOutDir: false,
    rollupOptions: {
      input: 'web/watch/kept/worker.ts',
      output: { format: 'iife', entryFileNames: 'worker.js' },
    },
  },
});
