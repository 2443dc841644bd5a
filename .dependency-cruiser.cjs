/** Imports run one way: docs/architecture.md. */
const layer = (name, from, allowed) => ({
  name,
  severity: 'error',
  comment: `${name}: see docs/architecture.md`,
  from: { path: from },
  to: { path: '^(src|cli|scripts|e2e)/', pathNot: allowed },
})

const core = (folders) => folders.map((one) => `^src/core/${one}`)

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
          '(^|/)node_modules/(valibot|luxon|culori|papaparse|fraction\\.js|ical-generator)(/|$)',
        ],
      },
    },
    layer('core-model', '^src/core/model/', core(['model/'])),
    layer('core-materials', '^src/core/materials/', core(['model/', 'materials/'])),
    layer('core-safety', '^src/core/safety/', core(['model/', 'materials/', 'safety/'])),
    layer('core-drying', '^src/core/drying/', core(['model/', 'materials/', 'drying/'])),
    layer('core-mixing', '^src/core/mixing/', core(['model/', 'materials/', 'mixing/'])),
    layer('core-colour', '^src/core/colour/', core(['model/', 'colour/'])),
    layer('core-mesh', '^src/core/mesh/', core(['mesh/'])),
    layer('core-sensor', '^src/core/sensor/', core(['model/', 'sensor/'])),
    layer('core-journal', '^src/core/journal/', core(['model/', 'journal/'])),
    layer(
      'core-stack',
      '^src/core/stack/',
      core(['model/', 'materials/', 'safety/', 'drying/', 'mixing/', 'colour/', 'stack/']),
    ),
    layer('core-techniques', '^src/core/techniques/', core(['model/', 'faults/', 'techniques/'])),
    layer('core-faults', '^src/core/faults/', core(['model/', 'faults/'])),
    layer('core-bench', '^src/core/bench/', core(['model/', 'bench/'])),
    layer(
      'core-plan',
      '^src/core/plan',
      core([
        'model/',
        'materials/',
        'safety/',
        'drying/',
        'mixing/',
        'colour/',
        'faults/',
        'stack/',
        'techniques/',
        'bench/',
        'journal/',
        'plan',
      ]),
    ),
    layer('demo', '^src/demo/', ['^src/core/', '^src/demo/']),
    layer('store', '^src/store/', ['^src/core/', '^src/store/', '^src/demo/']),
    layer('workers', '^src/workers/', ['^src/core/', '^src/workers/']),
    layer('ui', '^src/ui/', ['^src/core/', '^src/ui/']),
    layer('screens', '^src/screens/', ['^src/(core|store|workers|ui|screens)/']),
    layer('app', '^src/app/', ['^src/(app|screens)/', '^src/ui/', '^src/core/(sensor|model)/']),
    layer('cli', '^cli/', ['^src/core/', '^cli/']),
    {
      name: 'dexie-only-in-store',
      severity: 'error',
      comment: 'Screens ask the store by named queries and acts; one hook hears its changes.',
      from: { path: '^src/', pathNot: '^src/store/' },
      to: { path: '(^|/)node_modules/dexie/' },
    },
  ],
}
