/** Rooms of core in the order of the flow: each may use those before it, never those after. */
const FLOW = [
  'vocabulary',
  'edition.ts',
  'logic',
  'record',
  'story',
  'catalogue',
  'findings',
  'safety',
  'clusters',
  'evidence',
  'level',
  'assess.ts',
  'standing.ts',
  'sensitivity.ts',
  'planner',
  'metrology',
  'bench',
  'change',
  'figure',
  'note',
  'exchange',
  'audit',
  'trainer',
]
const path = (room) => `^core/${room}${room.endsWith('.ts') ? '$' : '/'}`

module.exports = {
  forbidden: [
    {
      name: 'core-imports-itself-only',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(app|ui|db|workers|server|devices|scripts|e2e|bench)/' },
    },
    {
      name: 'core-uses-few-packages',
      comment: 'Yup for the shapes of stored data, small maths libraries, one that counts the letters two names differ by, and the writers of open formats.',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core', 'npm-peer', 'npm-optional'],
        pathNot:
          'node_modules/(yup|ts-fsrs|fastest-levenshtein|jstat|csv-stringify|ical-generator|timezones-ical-library|d3-array|d3-random|d3-scale|d3-shape|@types)/',
      },
    },
    ...FLOW.slice(0, -1).map((room, i) => ({
      name: `flow-${room}`,
      severity: 'error',
      from: { path: path(room), pathNot: '\\.test\\.ts$' },
      to: {
        path: FLOW.slice(i + 1)
          .map(path)
          .join('|'),
      },
    })),
    { name: 'db-and-server-below-screens', severity: 'error', from: { path: '^(db|server)/' }, to: { path: '^(app|ui)/' } },
    { name: 'ui-knows-no-store', severity: 'error', from: { path: '^ui/' }, to: { path: '^(db|server|app)/' } },
    { name: 'workers-expose-core', severity: 'error', from: { path: '^workers/' }, to: { path: '^(app|ui|db|server|devices)/' } },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default', 'types'] },
  },
}
