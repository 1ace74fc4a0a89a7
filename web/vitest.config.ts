import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

/** Tests without a page of their own that ask the browser for something all the same. */
const asking = ['claims', 'highlight']
  .map((t) => `src/submission/${t}.test.ts`)
  .concat(
    ['notation', 'SavedText'].map((t) => `src/write/${t}.test.ts`),
    ['Queue', 'tally'].map((t) => `src/exercise/${t}.test.ts`),
    'src/roster/Links.test.ts',
  );

export default defineConfig({
  // vitest brings an older vite of its own, whose plugin type differs in name only
  plugins: [react() as never],
  test: {
    globals: true,
    // a machine that builds and checks at the same time is slow
    testTimeout: 40_000,
    projects: [
      {
        extends: true,
        test: {
          name: 'pages',
          environment: 'jsdom',
          setupFiles: ['src/test/setup.ts'],
          include: ['src/**/*.test.tsx', ...asking],
        },
      },
      { extends: true, test: { name: 'rules', include: ['src/**/*.test.ts'], exclude: asking } },
    ],
  },
});
