import { copyFileSync } from 'node:fs'
import { defineConfig, type Plugin } from 'vite'

/** What pages in TypeScript read of the script stands beside it. */
const types: Plugin = {
  name: 'types-of-the-script',
  closeBundle: () => copyFileSync('resources/js/embed/page.d.ts', 'public/embed/kite.d.ts'),
}

/** The one script of the widgets: its address is for good, and it brings all that it needs. */
export default defineConfig({
  publicDir: false,
  plugins: [types],
  build: {
    outDir: 'public/embed',
    emptyOutDir: true,
    target: 'es2022',
    lib: {
      entry: 'resources/js/embed/kite.ts',
      formats: ['iife'],
      name: 'PaperKiteWidgets',
      fileName: () => 'kite.js',
    },
  },
})
