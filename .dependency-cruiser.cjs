/**
 * The house is kept by this machine: imports go down only.
 * core <- words <- schema <- {ui, workers, server} <- routes; see docs/architecture.md.
 * tests/layers.test.ts proves each rule once with a bad import.
 */
/** The concepts of core in their order: each may look at those before it, at none behind. */
const CONCEPTS = [
  ...['calendar', 'contents', 'history', 'learn', 'making', 'quantity', 'refusal', 'scale', 'weighing'],
  ...[
    'correct',
    'produce',
    'safety',
    'salt',
    'instrument',
    'reading',
    'style',
    'vessel',
    'forecast',
    'lot',
    'timer'
  ],
  ...[
    'kit',
    'sowing',
    'pantry',
    'recipe',
    'worksheet',
    'run',
    'day',
    'batch',
    'outlook',
    'care',
    'kitchen',
    'larder',
    'appetite',
    'season',
    'ledger'
  ]
];
/** The areas of ui in theirs. */
const AREAS = [
  ...[
    'house',
    'jar',
    'ladder',
    'device',
    'scale',
    'forms',
    'meter',
    'timer',
    'why',
    'strip',
    'sowing',
    'plan',
    'kit',
    'cold',
    'ledger',
    'pantry',
    'people',
    'recipe',
    'style'
  ],
  ...['weigh', 'outlook', 'batch', 'finish', 'away', 'bench', 'first', 'run', 'shell']
];
const inOrder = (names, folder, what) =>
  names.slice(0, -1).map((name, i) => ({
    name: `${what}-${name}-in-order`,
    comment: `${folder}/${name} knows nothing of what comes after it`,
    severity: 'error',
    from: { path: `^src/lib/${folder}/${name}/` },
    to: { path: `^src/lib/${folder}/(${names.slice(i + 1).join('|')})/` }
  }));

const floor = (name, comment, from, to) => ({ name, comment, severity: 'error', from, to });

module.exports = {
  forbidden: [
    floor('no-rings', 'two files that import each other are one file', {}, { circular: true }),
    floor(
      'core-stands-alone',
      'core knows no Svelte, no Node, no package and nothing above it',
      { path: '^src/lib/core/' },
      { pathNot: '^src/lib/core/' }
    ),
    floor(
      'core-by-its-door',
      'a concept of core is entered by its index.ts only',
      { path: '^src/lib/core/([^/]+)/' },
      { path: '^src/lib/core/[^/]+/', pathNot: ['^src/lib/core/$1/', '/index\\.ts$'] }
    ),
    floor(
      'core-inside-uses-siblings',
      'inside a concept, siblings import siblings, never their own door',
      { path: '^src/lib/core/([^/]+)/' },
      { path: '^src/lib/core/$1/index\\.ts$' }
    ),
    ...inOrder(CONCEPTS, 'core', 'core'),
    ...inOrder(AREAS, 'ui', 'ui'),
    {
      name: 'every-room-has-its-place',
      comment: 'a concept or an area that the order does not name stands nowhere',
      severity: 'error',
      from: { path: `^src/lib/(core/(?!(${CONCEPTS.join('|')})/)|ui/(?!(${AREAS.join('|')})/)[^/]+/)` },
      to: {}
    },
    floor(
      'words-say-core',
      'the sentences know the codes of core, and nothing else',
      { path: '^src/lib/words/' },
      { pathNot: '^src/lib/(core|words)/' }
    ),
    {
      ...floor(
        'use-cases-hold-no-rule',
        'what is read, allowed and made is decided in core; a use case loads, asks and appends',
        { path: '^src/lib/server/usecases/' },
        { path: '^src/lib/core/(reading|safety|style|vessel|correct)/' }
      ),
      to: { path: '^src/lib/core/(reading|safety|style|vessel|correct)/', dependencyTypesNot: ['type-only'] }
    },
    floor(
      'pages-show-views',
      'what a page loads is a view; it reads no streams and works nothing out',
      { path: '^src/routes/.*/\\+(page|layout)\\.server\\.ts$', pathNot: '^src/routes/(do|sign-in)/' },
      { path: '^src/lib/(core|server/(repos|usecases|db))/' }
    ),
    floor(
      'words-by-their-door',
      'the sentences are entered by their index.ts only',
      { pathNot: '^src/lib/words/' },
      { path: '^src/lib/words/', pathNot: '/index\\.ts$' }
    ),
    floor(
      'schema-sees-core-and-zod',
      'schema may use core, words and Zod, nothing else',
      { path: '^src/lib/schema/' },
      { pathNot: ['^src/lib/(core|words|schema)/', 'node_modules/zod'] }
    ),
    floor(
      'ui-not-server',
      'ui and server never see each other',
      { path: '^src/lib/ui/' },
      { path: '^src/(lib/server|routes)/' }
    ),
    floor(
      'server-not-ui',
      'ui and server never see each other',
      { path: '^src/lib/server/' },
      { path: '^src/(lib/ui|routes)/' }
    ),
    floor('tests-stay-out', 'the product never imports its tests', { path: '^src/' }, { path: '^tests/' }),
    floor(
      'resolvable',
      'an import that cannot be found escapes every other rule',
      {},
      { couldNotResolve: true, pathNot: '(^\\$(app|env|service-worker)|/\\$types$|^highs/runtime\\?url$)' }
    )
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.svelte-kit' },
    tsConfig: { fileName: 'tsconfig.depcruise.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['svelte', 'browser', 'import', 'default', 'types'],
      extensions: ['.ts', '.js', '.mjs', '.svelte', '.svelte.ts', '.json', '.css']
    }
  }
};
