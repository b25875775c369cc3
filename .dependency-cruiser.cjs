// Data flows one way: page -> use case -> core, and back (docs/architecture.md).
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: `^src/${from}/` },
  to: { path: '^src/', pathNot: `^src/(${allowed.join('|')})(/|$)` },
})

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    only('core-alone', 'core', ['core']),
    { name: 'core-no-packages', severity: 'error', from: { path: '^src/core/' }, to: { dependencyTypes: ['npm', 'npm-dev', 'core'] } },
    only('document-on-core', 'document', ['document', 'core']),
    only('store-on-document', 'store', ['store', 'document', 'core']),
    only('studio-on-store', 'studio', ['studio', 'store', 'document', 'core']),
    only('ui-alone', 'ui', ['ui', 'document', 'core', 'styles', 'studio']),
    only('workers-thin', 'workers', ['workers', 'document', 'core']),
    only('views', 'views', ['views', 'ui', 'document', 'core', 'workers', 'studio']),
    {
      name: 'views-studio-types-only',
      severity: 'error',
      from: { path: '^src/(views|ui)/' },
      to: { path: '^src/studio/', dependencyTypesNot: ['type-only'] },
    },
    { name: 'kysely-in-store', severity: 'error', from: { path: '^src/', pathNot: '^src/store/' }, to: { path: 'node_modules/(kysely|better-sqlite3)/' } },
    { name: 'no-store-in-pages', severity: 'error', from: { path: '^src/pages/', pathNot: '_http\\.ts$' }, to: { path: '^src/store/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'] },
  },
}
