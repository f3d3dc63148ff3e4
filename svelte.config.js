import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  compilerOptions: { runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true) },
  kit: {
    // Tests skip the compression: it costs processor seconds and proves nothing there.
    adapter: adapter({ precompress: process.env.CROCKLE_NO_PRECOMPRESS !== '1' }),
    csp: {
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:'],
        'font-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'frame-ancestors': ['none']
      }
    },
    typescript: {
      config: (config) => {
        config.include.push(
          '../tests/**/*.ts',
          '../playwright.config.ts',
          '../scripts/**/*.mjs',
          '../server.mjs'
        );
        return config;
      }
    }
  }
};
