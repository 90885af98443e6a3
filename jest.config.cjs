/** Shared by both projects: TypeScript through swc, the app's path alias, no browser. */
const shared = {
  testEnvironment: 'node',
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  /** These ship as ES modules only. */
  transformIgnorePatterns: [
    '/node_modules/(?!(clipper2-ts|culori|uuid|@noble/hashes|d3-contour|d3-array|internmap)/)',
  ],
  setupFiles: ['<rootDir>/tests/support/seed.ts'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^@tests/(.*)$': '<rootDir>/tests/$1',
    // one language of the schemas' messages, as Jest can require it
    '^zod/v4/locales/en\\.js$': 'zod/v4/locales/en.cjs',
  },
};

/** @type {import('jest').Config} */
module.exports = {
  testTimeout: 60_000,
  projects: [
    { ...shared, displayName: 'unit', testMatch: ['<rootDir>/src/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'reference',
      testMatch: ['<rootDir>/tests/reference/**/*.test.ts'],
    },
  ],
};
