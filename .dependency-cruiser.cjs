// The one-way rule: left may import right, types included. Each layer names what it may see.
const LAYERS = {
  core: [],
  text: ['core'],
  draw: ['text', 'core'],
  store: ['core'],
  formats: ['core'],
  'browser-workers': ['formats', 'core'],
  views: ['formats', 'store', 'draw', 'text', 'core'],
  paper: ['draw', 'text', 'core'],
  worker: ['views', 'paper', 'formats', 'store', 'core'],
  ui: ['browser-workers', 'views', 'draw', 'text', 'core'],
  http: ['worker', 'views', 'formats', 'store', 'text', 'core'],
  cli: ['worker', 'views', 'paper', 'formats', 'store', 'draw', 'text', 'core'],
  app: ['http', 'ui', 'worker', 'views', 'paper', 'formats', 'store', 'draw', 'text', 'core'],
}
const TESTS = '\\.(test|spec)\\.tsx?$'

/** The folders of the core in their order: each may import only those before it. */
const CORE = [
  'model',
  'math',
  'bag',
  'shots',
  'flight',
  'session',
  'monitors',
  'balls',
  'judge',
  'stock',
  'gaps',
  'analysis',
  'wedges',
  'compare',
  'practice',
  'refit',
  'rounds',
  'course',
  'coach',
]
const coreRules = CORE.map((folder, i) => ({
  name: `core-${folder}-sees-only-those-before-it`,
  severity: 'error',
  from: { path: `(^|/)src/core/${folder}/`, pathNot: TESTS },
  to: {
    path: '(^|/)src/core/',
    pathNot: `(^|/)src/core/(units\\.ts$|(${CORE.slice(0, i + 1).join('|')})/)`,
  },
}))

const layerRules = Object.entries(LAYERS).map(([layer, sees]) => ({
  name: `${layer}-sees-${sees.length > 0 ? sees.join('-') : 'nothing'}`,
  severity: 'error',
  from: { path: `(^|/)src/${layer}/`, pathNot: TESTS },
  to: {
    path: '(^|/)(src|simulators|demo|bench|tests)/',
    pathNot: `(^|/)src/(${[layer, ...sees].join('|')})/`,
  },
}))

/** Only these layers may import this package. */
const only = (name, packages, layers) => ({
  name,
  severity: 'error',
  from: { path: '(^|/)(src|simulators|demo)/', pathNot: [`(^|/)src/(${layers})/`, TESTS] },
  to: { path: packages },
})

module.exports = {
  forbidden: [
    ...layerRules,
    ...coreRules,
    {
      name: 'core-has-no-other-folder',
      severity: 'error',
      from: {
        path: '(^|/)src/core/',
        pathNot: [`(^|/)src/core/(${CORE.join('|')})/`, '(^|/)src/core/[^/]+$'],
      },
      to: {},
    },
    {
      name: 'ui-takes-types-of-views-only',
      severity: 'error',
      from: { path: '(^|/)src/ui/', pathNot: TESTS },
      to: { path: '(^|/)src/views/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'only-views-analyse',
      severity: 'error',
      from: { path: '(^|/)src/', pathNot: ['(^|/)src/(core|views)/', '(^|/)src/cli/analyse', TESTS] },
      to: { path: '(^|/)src/core/analyse-bag', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'simulators-see-formats-core',
      severity: 'error',
      from: { path: '(^|/)simulators/', pathNot: TESTS },
      to: { path: '(^|/)(src|demo|bench|tests)/', pathNot: '(^|/)src/(formats|core)/' },
    },
    {
      name: 'demo-sees-simulators-store-core',
      severity: 'error',
      from: { path: '(^|/)demo/', pathNot: TESTS },
      to: { path: '(^|/)(src|bench|tests)/', pathNot: '(^|/)src/(store|core)/' },
    },
    {
      name: 'core-takes-statistics-only',
      severity: 'error',
      from: { path: '(^|/)src/core/', pathNot: TESTS },
      to: { dependencyTypesNot: ['local'], pathNot: '(simple-statistics|@stdlib/stats-)|(^|/)src/core/' },
    },
    only('joi-only-in-formats', 'node_modules/joi', 'formats'),
    only('sqlite-only-in-store', 'node_modules/(better-sqlite3|@types/better-sqlite3)', 'store'),
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '\\.css$' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'node', 'default'],
    },
  },
}
