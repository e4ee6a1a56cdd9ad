module.exports = {
  ...require('../jest.node.js'),
  displayName: 'paper',
  rootDir: __dirname,
  globalSetup: '<rootDir>/../jest.d3.cjs',
  testMatch: ['<rootDir>/src/**/*.test.ts'],
};
