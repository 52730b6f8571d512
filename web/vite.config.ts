import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: 'target/classes/META-INF/resources',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
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
