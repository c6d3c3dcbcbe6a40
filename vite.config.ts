import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'
import { words } from './scripts/words.plugin'

export default defineConfig({
  plugins: [
    laravel({ input: ['resources/css/app.css', 'resources/js/app.ts'], refresh: false }),
    tailwindcss(),
    vue(),
    words(),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
  build: {
    target: 'es2022',
    reportCompressedSize: true,
    rolldownOptions: {
      output: {
        // What several screens share comes in three files and not in thirty: each request costs a page more than the letters in it.
        codeSplitting: {
          groups: [
            { name: 'board', test: /resources\/js\/shared\/(board|bench|hand)\//, minShareCount: 2 },
            { name: 'shared', test: /resources\/js\/shared\//, minShareCount: 2 },
            { name: 'parts', test: /node_modules/, minShareCount: 2 },
          ],
        },
      },
    },
  },
})
