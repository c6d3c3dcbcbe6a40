import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'
import { words } from './scripts/words.plugin'

export default defineConfig({
  plugins: [vue(), words()],
  resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
  test: {
    // A test that needs a page says so in its first line: `// @vitest-environment happy-dom`.
    environment: 'node',
    // Loading everything anew for each file takes longer than all the tests: what a test changes it puts back.
    isolate: false,
    include: ['resources/js/**/*.test.ts'],
    setupFiles: ['resources/js/words.setup.ts', 'resources/js/practices.setup.ts', 'resources/js/putBack.setup.ts'],
  },
})
