import node from '@astrojs/node'
import react from '@astrojs/react'
import tailwindcss from '@tailwindcss/vite'
import { defineConfig } from 'astro/config'

/** What every view shares goes together, so that a page asks for a handful of files; ui/later stays apart. */
function fewerChunks(id) {
  if (/node_modules\/(lucide-react|nanostores|@nanostores|date-fns)\//.test(id)) return 'ui'
  if (/\/src\/(ui\/[^/]+\.tsx?|saving\/[^/]+\.ts)$/.test(id)) return 'ui'
  const isCore =
    /\/src\/core\/(measure|medium\/(medium|recipe|weigh)|film|materials\/(material|shelf|own|policy)|practice|stack\/(support|area)|words|severity)/
  if (isCore.test(id) && !/book|design|library|film\/why|practice\/(provenance|words|differences)/.test(id))
    return 'core'
}

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react()],
  vite: {
    plugins: [tailwindcss()],
    build: { chunkSizeWarningLimit: 900, rollupOptions: { output: { manualChunks: fewerChunks } } },
    worker: { format: 'es' },
    // Bundled into the server: one icon must not load a package's thousand files at start.
    ssr: {
      noExternal: [
        'lucide-react',
        /^radix-ui/,
        /^@radix-ui/,
        /^@dnd-kit/,
        'date-fns',
        'zod',
        'kysely',
        'ical-generator',
        /nanostores/,
        'comlink',
      ],
    },
  },
  devToolbar: { enabled: false },
  telemetry: false,
  // Origin and Host are checked by our own middleware, for every kind of body.
  security: { checkOrigin: false, allowedDomains: [{ hostname: '127.0.0.1' }, { hostname: 'localhost' }] },
  experimental: {
    csp: {
      directives: [
        "default-src 'self'",
        "img-src 'self' data: blob:",
        "connect-src 'self'",
        "worker-src 'self' blob:",
        "object-src 'none'",
        "base-uri 'none'",
        "form-action 'self'",
      ],
    },
  },
})
