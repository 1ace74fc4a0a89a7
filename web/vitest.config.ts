import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  // vitest brings an older vite of its own, whose plugin type differs in name only
  plugins: [react() as never],
  test: { environment: 'jsdom', setupFiles: ['src/test/setup.ts'], globals: true },
});
