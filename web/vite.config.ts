import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  server: { proxy: { '/api': 'http://localhost:8080' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 700, assetsInlineLimit: 0, license: { fileName: 'licences-screens.md' } },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://localhost/' } },
    setupFiles: ['./src/test-setup.ts'],
    css: false,
    // one window for all files, emptied after each test: four times as quick as one for each
    isolate: false,
    // against a hang, not a bound on a busy machine
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
