import { defineConfig } from 'vite'

/** Builds what runs apart from the pages, beside the server: its worker threads, and the filling of a demo studio. */
export default defineConfig({
  publicDir: false,
  ssr: { noExternal: true, external: ['better-sqlite3', 'highs', 'pdfmake', 'sharp'] },
  build: {
    ssr: true,
    outDir: 'dist/server/apart',
    target: 'node20',
    rollupOptions: {
      input: {
        tasks: 'src/threads/tasks.ts',
        loadDemo: 'scripts/loadDemo.ts',
        grelta: 'src/command/main.ts',
      },
      output: { entryFileNames: '[name].mjs', chunkFileNames: '[name].mjs' },
    },
  },
})
