/** Imports run one way: docs/architecture.md. */
const layer = (name, from, allowed) => ({
  name,
  severity: 'error',
  comment: `${name}: see docs/architecture.md`,
  from: { path: from },
  to: { path: '^(src|cli|scripts|e2e)/', pathNot: allowed },
})

const core = (folders) => folders.map((one) => `^src/core/${one}`)

const TABLES = ['model', 'knowledge']
const SCIENCE = [...TABLES, 'drying', 'mixing', 'colour', 'mesh']
const PLACES = [...SCIENCE, 'shape', 'places']
const STACK = [...PLACES, 'log', 'stack']
const BENCH_SIDE = [...STACK, 'shelf', 'stock', 'room']

/** Folders of the core, lowest first, and what each may import beside itself. */
const CORE_LAYERS = [
  ['model', []],
  ['knowledge', ['model']],
  ['drying', TABLES],
  ['mixing', TABLES],
  ['colour', TABLES],
  ['mesh', []],
  ['shape', [...TABLES, 'mesh']],
  ['surface', [...TABLES, 'mesh', 'shape']],
  ['places', [...SCIENCE, 'shape']],
  ['log', ['model']],
  ['stack', PLACES],
  ['faults', STACK],
  ['shelf', STACK],
  ['room', [...STACK, 'shelf']],
  ['stock', [...STACK, 'shelf', 'room']],
  ['builds', [...BENCH_SIDE, 'faults']],
  ['search', TABLES],
  ['bench', ['model']],
  ['schedule', [...BENCH_SIDE, 'builds', 'bench']],
  ['panel', [...STACK, 'surface']],
]

module.exports = {
  forbidden: [
    {
      name: 'no-circular',
      severity: 'error',
      comment: 'A cycle of imports that run: nobody can read either file alone.',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'The core knows no interface, no store, no clock, and only the packages named here.',
      from: { path: '^src/core/', pathNot: '/tests/' },
      to: {
        pathNot: [
          '^src/core/',
          '(^|/)node_modules/(valibot|luxon|(@types/)?culori|papaparse|fraction\\.js|ical-generator|fastest-levenshtein|fflate|image-size|minisearch|three|three-mesh-bvh)(/|$)',
        ],
      },
    },
    ...CORE_LAYERS.map(([folder, below]) =>
      layer(
        `core-${folder}`,
        `^src/core/${folder}/`,
        core([...below, folder].map((one) => `${one}/`)),
      ),
    ),
    layer('demo', '^src/demo/', ['^src/core/', '^src/demo/']),
    layer('store', '^src/store/', ['^src/core/', '^src/store/', '^src/demo/']),
    layer('workers', '^src/workers/', ['^src/(core|store|workers)/']),
    layer('sw', '^src/sw/', ['^src/sw/']),
    layer('ui', '^src/ui/', ['^src/core/', '^src/ui/']),
    layer('state', '^src/state/', ['^src/(core|store|workers|state)/']),
    // A screen asks the state, knows what the store is told and answers but never its tables, and imports no other screen: what several need
    // lies in screens/shared.
    layer('screens', '^src/screens/([^/]+)/', [
      '^src/(core|state|ui)/',
      '^src/store/(actions/|photos/|documents|exportedAt|newId|reason)',
      '^src/screens/($1|shared)/',
    ]),
    layer('app', '^src/app/', ['^src/(app|screens)/', '^src/ui/', '^src/core/(room|model)/']),
    layer('cli', '^cli/', ['^src/core/', '^cli/']),
    {
      name: 'dexie-in-store',
      severity: 'error',
      comment: 'The store reads and writes: nothing else knows the database.',
      from: { path: '^src/', pathNot: '^src/store/' },
      to: { path: '(^|/)node_modules/dexie/' },
    },
  ],
}
