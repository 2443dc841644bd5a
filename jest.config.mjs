import { readdirSync } from 'node:fs'

const besideCore = readdirSync(new URL('src', import.meta.url), { withFileTypes: true })
  .filter((item) => item.isDirectory() && item.name !== 'core')
  .map(({ name }) => `<rootDir>/src/${name}`)

const common = {
  testEnvironment: 'node',
  // A database for the tests of the store.
  setupFiles: ['fake-indexeddb/auto'],
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
}

export default {
  // A loaded machine is no reason to fail: nothing here measures time.
  testTimeout: 120_000,
  maxWorkers: '100%',
  projects: [
    {
      ...common,
      displayName: 'core',
      roots: ['<rootDir>/src/core'],
      collectCoverageFrom: [
        'src/core/**/*.ts',
        '!src/core/**/*.test.ts',
        '!src/core/**/index.ts',
        '!src/core/**/tests/**',
      ],
    },
    {
      ...common,
      displayName: 'around it',
      roots: [...besideCore, '<rootDir>/cli', '<rootDir>/scripts'],
      // The core is covered by its own tests.
      coveragePathIgnorePatterns: ['/'],
    },
  ],
  coverageThreshold: { global: { lines: 90 } },
}
