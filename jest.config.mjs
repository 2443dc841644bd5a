export default {
  testEnvironment: 'node',
  // A loaded machine is no reason to fail: nothing here measures time.
  testTimeout: 120_000,
  // A database for the tests of the store.
  setupFiles: ['fake-indexeddb/auto'],
  maxWorkers: '100%',
  roots: ['<rootDir>/src', '<rootDir>/cli', '<rootDir>/scripts'],
  transform: {
    '[.]property[.]test[.]ts$': '<rootDir>/scripts/bundled.cjs',
    '^.+\\.(tsx?|js)$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic', importSource: '@/ui/jsx' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  // Published as modules only.
  transformIgnorePatterns: ['/node_modules/(?!(culori|github-slugger|react-hotkeys-hook|three)/)'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^culori/fn$': '<rootDir>/node_modules/culori/src/index-fn.js',
    '^three$': '<rootDir>/node_modules/three/build/three.module.js',
    '^d3-([a-z-]+)$': '<rootDir>/node_modules/d3-$1/dist/d3-$1.js',
  },
  collectCoverageFrom: [
    'src/core/**/*.ts',
    '!src/core/**/*.test.ts',
    '!src/core/**/index.ts',
    '!src/core/**/tests/**',
  ],
  coverageThreshold: { global: { lines: 90 } },
}
