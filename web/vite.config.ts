import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [vue()],
  worker: { format: 'es' },
  // The shaper asks for Node's loader only where it runs in Node.
  resolve: { alias: { module: fileURLToPath(new URL('src/fonts/noNodeLoader.ts', import.meta.url)) } },
  build: { target: 'es2022', chunkSizeWarningLimit: 2000 },
  optimizeDeps: { include: ['element-plus', 'quill', 'd3-zoom'], exclude: ['harfbuzzjs'] },
  server: {
    proxy: { '/api': { target: 'http://127.0.0.1:4180', ws: true }, '/fonts': 'http://127.0.0.1:4180' },
  },
})
