// Data flows one way: page -> use case -> core, and back (docs/architecture.md).
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: `^src/${from}/` },
  to: { path: '^src/', pathNot: `^src/(${allowed.join('|')})(/|$)` },
})

/** Folders of the core, each with those it may rest on; everything may use the small files at its bottom. */
const core = {
  measure: [],
  values: [],
  rescue: [],
  materials: ['measure'],
  cure: [],
  learn: ['cure'],
  room: ['cure'],
  trial: ['cure'],
  air: ['medium', 'materials'],
  evening: ['materials'],
  medium: ['materials', 'measure', 'cure'],
  film: ['medium', 'materials', 'measure', 'cure'],
  practice: ['film', 'cure'],
  stack: ['film', 'medium', 'materials', 'cure'],
  batch: ['medium', 'materials', 'measure'],
  dosing: ['practice', 'film', 'medium', 'materials', 'measure', 'cure'],
  palette: ['dosing', 'practice', 'film', 'medium', 'materials', 'measure', 'cure'],
  finish: ['stack', 'practice', 'film', 'medium', 'materials', 'cure'],
  soundness: ['finish', 'stack', 'practice', 'film', 'medium', 'materials', 'cure'],
  mend: ['soundness', 'practice'],
  plan: ['soundness', 'finish', 'stack', 'practice', 'cure'],
}
/** What is made out of what is stored, each room with those it may rest on; what is stored lies beside them and on none. */
const document = {
  jar: [],
  blank: [],
  picture: ['blank'],
  palette: ['picture'],
  pieces: ['picture', 'blank'],
  judging: ['picture', 'blank'],
  dates: ['judging', 'picture'],
  finish: ['dates', 'judging', 'picture'],
  mend: ['dates', 'judging', 'picture'],
}
const roomOf =
  (place) =>
  ([room, under]) => ({
    name: `${place}-falls-one-way-${room}`,
    severity: 'error',
    from: { path: `^src/${place}/${room}/` },
    to: { path: `^src/${place}/[^/]+/`, pathNot: `^src/${place}/(${[room, ...under].join('|')})/` },
  })
/** A room that is not named above would escape the check. */
const unnamed = (place, rooms) => ({
  name: `${place}-room-unnamed`,
  severity: 'error',
  from: {},
  to: { path: `^src/${place}/[^/]+/`, pathNot: `^src/${place}/(${Object.keys(rooms).join('|')})/` },
})
const fallsOneWay = (place, rooms) => [...Object.entries(rooms).map(roomOf(place)), unnamed(place, rooms)]

const coreBottom = {
  name: 'core-bottom-alone',
  severity: 'error',
  from: { path: '^src/core/[^/]+\\.ts$' },
  to: { path: '^src/core/[^/]+/' },
}

/** The schemas of practice pieces are stored like all others. */
const documentStored = {
  name: 'document-stored-alone',
  severity: 'error',
  from: { path: '^src/document/[^/]+\\.ts$' },
  to: { path: '^src/document/[^/]+/', pathNot: '^src/document/pieces/piece\\.ts$' },
}

const typesOnly = (name, from, to) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: to, dependencyTypesNot: ['type-only'] },
})

module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    only('core-alone', 'core', ['core']),
    ...fallsOneWay('core', core),
    coreBottom,
    {
      name: 'core-no-packages',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'] },
    },
    only('document-on-core', 'document', ['document', 'core']),
    ...fallsOneWay('document', document),
    documentStored,
    only('store-on-document', 'store', ['store', 'document', 'core']),
    only('studio-on-store', 'studio', ['studio', 'store', 'document', 'core', 'threads', 'writing']),
    typesOnly('studio-lists-write-nothing', '^src/studio/lists/', '^src/studio/commit\\.ts$'),
    {
      name: 'studio-lists-are-for-pages',
      severity: 'error',
      from: { path: '^src/studio/[^/]+\\.ts$' },
      to: { path: '^src/studio/lists/' },
    },
    typesOnly('studio-threads-types-only', '^src/studio/', '^src/threads/'),
    only('threads-on-studio', 'threads', ['threads', 'studio', 'store', 'document', 'core', 'writing']),
    only('command-on-studio', 'command', ['command', 'studio', 'store', 'document', 'core', 'threads']),
    only('gate-alone', 'gate', ['gate', 'writing']),
    only('writing-alone', 'writing', ['writing', 'core']),
    only('saving-on-document', 'saving', ['saving', 'document']),
    typesOnly('saving-document-types-only', '^src/saving/', '^src/document/'),
    only('ui', 'ui', ['ui', 'saving', 'document', 'core', 'styles', 'studio', 'pages', 'writing']),
    only('workers-thin', 'workers', ['workers', 'document', 'core']),
    only('views', 'views', ['views', 'ui', 'saving', 'document', 'core', 'workers', 'studio', 'writing']),
    typesOnly('views-server-types-only', '^src/(views|ui)/', '^src/(studio|pages)/'),
    {
      name: 'kysely-in-store',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/(store|threads)/' },
      to: { path: 'node_modules/(kysely|better-sqlite3)/' },
    },
    {
      name: 'no-store-in-pages',
      severity: 'error',
      from: { path: '^src/pages/', pathNot: '/_refusals\\.ts$' },
      to: { path: '^src/store/', dependencyTypesNot: ['type-only'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'] },
  },
}
