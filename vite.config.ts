import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [
    laravel({
      input: [
        'resources/css/console.css',
        'resources/css/print.css',
        'resources/css/shopper.css',
        'resources/js/console/main.ts',
        'resources/js/shopper/main.ts',
      ],
    }),
    tailwindcss(),
    vue(),
  ],
  build: {
    // Our pages allow no data: fonts or scripts.
    assetsInlineLimit: 0,
  },
})
