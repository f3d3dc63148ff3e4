import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  build: {
    // A room's scripts find one another: asking for each by name beforehand costs a phone more than it saves at home.
    modulePreload: { resolveDependencies: (_, deps) => deps.filter((d) => d.endsWith('.css')) },
    rolldownOptions: {
      // The control library does not say that its modules do nothing by themselves: every control's styles would come along.
      treeshake: {
        // Nor can it be told of tables and sentences: a room would carry those that it never says.
        moduleSideEffects: [
          { test: /node_modules\/(flowbite-svelte|d3-[a-z-]+)\//, sideEffects: false },
          { test: /src\/lib\/(core|words)\//, sideEffects: false }
        ]
      }
    }
  },
  test: {
    include: ['tests/**/*.test.ts'],
    exclude: ['tests/e2e/**'],
    setupFiles: ['tests/support/seed.ts'],
    // Only ends what hangs; no test asserts a time.
    testTimeout: 180_000,
    hookTimeout: 180_000
  }
});
