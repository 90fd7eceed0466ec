import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// A lesson that is taken away plays from a file: browsers load no modules from there, so all of it is one script.
export default defineConfig({
  plugins: [tailwindcss(), react()],
  base: './',
  publicDir: false,
  build: {
    outDir: 'public/build/package',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    cssCodeSplit: false,
    rollupOptions: {
      input: 'web/package/main.tsx',
      output: { format: 'iife', entryFileNames: 'player.js', assetFileNames: '[name][extname]' },
    },
  },
});
