/** @type {import('jest').Config} */
export default {
  testEnvironment: 'node',
  // Libraries that end after a test file still look at its globals, which Jest would warn of.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  roots: ['<rootDir>/core/src', '<rootDir>/server/src', '<rootDir>/web/src', '<rootDir>/e2e/conformance'],
  globalSetup: '<rootDir>/scripts/jestDatabase.mjs',
  globalTeardown: '<rootDir>/scripts/jestDatabaseEnd.mjs',
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '<rootDir>/scripts/jestTransform.mjs',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript' } } },
    ],
  },
  moduleNameMapper: {
    '^@nolvex/core/(.*)$': '<rootDir>/core/src/$1.ts',
    '^@nolvex/server/(.*)$': '<rootDir>/server/src/$1.ts',
  },
  // Half of the time is spent waiting for databases and child processes.
  maxWorkers: 2,
  testTimeout: 60000,
}
