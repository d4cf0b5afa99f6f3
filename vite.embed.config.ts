import { defineConfig } from 'vite'

/** The one script of the widgets: its address is for good, and it brings all that it needs. */
export default defineConfig({
  publicDir: false,
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
