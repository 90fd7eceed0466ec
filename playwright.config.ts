import { defineConfig } from '@playwright/test';

const port = Number(process.env.DAYBRIGHT_TEST_PORT ?? 8137);

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'storage/playwright',
  timeout: 300_000,
  expect: { timeout: 20_000 },
  workers: 1,
  retries: 0,
  reporter: 'list',
  globalSetup: './tests/browser/server.ts',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    permissions: ['microphone'],
    trace: 'off',
    actionTimeout: 30_000,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--autoplay-policy=no-user-gesture-required',
        '--use-fake-ui-for-media-stream',
        '--use-fake-device-for-media-stream',
        '--use-file-for-fake-audio-capture=storage/playwright-speech.wav%noloop',
      ],
    },
  },
});
