import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Loose Knit',
        short_name: 'Loose Knit',
        description: 'A workbench for people who mix their own growing media',
        start_url: '/round',
        display: 'standalone',
        background_color: '#F4F6F1',
        theme_color: '#F4F6F1',
        icons: [{ src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        // what a round needs where there is no network; everything else is asked of the server
        runtimeCaching: [
          {
            urlPattern: ({ url }) => ['/api/units', '/api/round'].includes(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'round', networkTimeoutSeconds: 4 },
          },
        ],
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: 'target/classes/META-INF/resources',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
    // a page asks for a few larger files instead of some sixty small ones; what only charts need comes with the first chart
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'packages', test: /node_modules[\\/](?!echarts|zrender|vue-echarts)/, priority: 2 },
            { name: 'shared', test: /[\\/]src[\\/](?!.*LineChart)/, minShareCount: 2, priority: 1 },
          ],
        },
      },
    },
  },
  server: {
    host: '127.0.0.1',
    proxy: { '/api': 'http://127.0.0.1:8080' },
  },
  test: {
    environment: 'happy-dom',
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/testing/setup.ts'],
    // all files in one surrounding: a third of the time. What a test stubs or leaves behind is put back after it.
    isolate: false,
    unstubGlobals: true,
    restoreMocks: true,
  },
})
