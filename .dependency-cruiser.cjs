// Arrows run one way: pages -> views -> store and workers -> core. See docs/decisions/0001-skeleton.md.
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: `^src/${from}/` },
  to: { path: '^src/', pathNot: `^src/(${allowed})/` },
});
module.exports = {
  forbidden: [
    only('core-knows-only-core', 'core', 'core'),
    only('store-on-core', 'store', 'store|core'),
    // A worker that reads the whole journal reads it itself: thousands of logs do not pass through the page, only what is searched.
    only('workers-on-store-and-core', 'workers', 'workers|store|core'),
    only('server-on-core', 'server', 'server|core'),
    only('ui-on-store-and-core', 'ui', 'ui|store|workers|offline|core'),
    // It stands beside the app, so that it opens where the app does not.
    only('rescue-on-store-and-core', 'rescue', 'rescue|store|core'),
    only('probes-on-core', 'probes', 'probes|core'),
    only('views-below-pages', 'views', 'views|ui|store|workers|probes|core'),
    {
      name: 'one-view-does-not-know-another',
      severity: 'error',
      from: { path: '^src/views/([^/]+)/' },
      to: { path: '^src/views/', pathNot: '^src/views/$1/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/' },
      to: {
        dependencyTypes: ['npm', 'core'],
        pathNot: 'node_modules/(zod|culori|minisearch|d3-array|papaparse|fft.js)/',
      },
    },
    {
      name: 'core-topics-through-their-door',
      comment: 'Another topic is entered by its index.ts only.',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: { path: '^src/core/([^/]+)/(?!index\\.ts$)', pathNot: '^src/core/$1/' },
    },
    {
      name: 'core-through-the-door',
      severity: 'error',
      from: { path: '^src/(views|ui|store|workers|server|pages|layouts|rescue|probes)/' },
      to: { path: '^src/core/[^/]+/(?!index\\.ts$)' },
    },
    { name: 'no-circles', severity: 'error', from: { path: '^src/' }, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default', 'types'] },
  },
};
