import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [
    tailwindcss(),
    react(),
    // The Laravel plugin refuses to start under the test runner.
    ...(process.env.VITEST
      ? []
      : [laravel({ input: ['web/rooms/main.tsx', 'web/watch/main.tsx', 'web/style.css'], refresh: false })]),
  ],
});
