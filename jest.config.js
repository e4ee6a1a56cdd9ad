module.exports = {
  projects: [
    '<rootDir>/core',
    '<rootDir>/contract',
    '<rootDir>/paper',
    '<rootDir>/server',
    '<rootDir>/server/jest.postgres.cjs',
    '<rootDir>/app',
  ],
  // What a slow machine with other work on it can meet.
  testTimeout: 60_000,
};
