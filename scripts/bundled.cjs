// Property tests try thousands of cases. Bundled, their calls go from function to function instead of through
// exports, and the built-in names are looked up once instead of at every use: that takes a third of the time.
const { buildSync } = require('esbuild')

const BUILT_IN = [
  'Array',
  'Error',
  'JSON',
  'Map',
  'Math',
  'Number',
  'Object',
  'Set',
  'String',
  'WeakMap',
]

/** A transformer of Jest: the test file with all of the project's code that it imports. */
module.exports = {
  process: (_source, path) => ({
    code: buildSync({
      entryPoints: [path],
      bundle: true,
      write: false,
      platform: 'node',
      format: 'cjs',
      target: 'es2022',
      packages: 'external',
      sourcemap: 'inline',
      banner: { js: `const { ${BUILT_IN.join(', ')} } = globalThis` },
    }).outputFiles[0].text,
  }),
  // What is imported may change while the file doesn't: never kept.
  getCacheKey: () => String(Math.random()),
}
