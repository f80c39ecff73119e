import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  server: { proxy: { '/api': 'http://localhost:8080' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 700, assetsInlineLimit: 0, license: { fileName: 'licences-screens.md' } },
  test: { environment: 'happy-dom', environmentOptions: { happyDOM: { url: 'http://localhost/' } }, setupFiles: ['./src/test-setup.ts'], css: false },
});
