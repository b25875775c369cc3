import { defineConfig } from 'vite'

/** Builds what runs in worker threads into one file beside the server. */
export default defineConfig({
  publicDir: false,
  ssr: { noExternal: true, external: ['better-sqlite3', 'highs', 'sharp'] },
  build: {
    ssr: 'src/threads/tasks.ts',
    outDir: 'dist/server/threads',
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'tasks.mjs' } },
  },
})
