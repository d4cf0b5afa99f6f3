import { copyFileSync, readdirSync } from 'node:fs'
import { defineConfig, type Plugin } from 'vite'

const FOLDER = 'public/embed'

/** What pages in TypeScript read of the script stands beside it. */
const types: Plugin = {
  name: 'types-of-the-script',
  closeBundle: () => copyFileSync('resources/js/embed/page.d.ts', `${FOLDER}/kite.d.ts`),
}

/** What is loaded when first needed: its name changes with what it says, since it belongs to one build of the script. */
const more = defineConfig({
  publicDir: false,
  build: {
    outDir: FOLDER,
    emptyOutDir: true,
    target: 'es2022',
    lib: { entry: 'resources/js/embed/more/more.ts', formats: ['es'] },
    rollupOptions: { output: { entryFileNames: 'more-[hash].js' } },
  },
})

/** The one script of the widgets: its address is for good, and it brings all that every widget needs. */
const kite = () =>
  defineConfig({
    publicDir: false,
    plugins: [types],
    define: { MORE: JSON.stringify(readdirSync(FOLDER).find((name) => name.startsWith('more-'))) },
    build: {
      outDir: FOLDER,
      emptyOutDir: false,
      target: 'es2022',
      lib: {
        entry: 'resources/js/embed/kite.ts',
        formats: ['iife'],
        name: 'PaperKiteWidgets',
        fileName: () => 'kite.js',
      },
    },
  })

export default defineConfig(({ mode }) => (mode === 'more' ? more : kite()))
