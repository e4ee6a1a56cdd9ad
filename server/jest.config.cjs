module.exports = {
  ...require('../jest.node.js'),
  displayName: 'server',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  globalSetup: '<rootDir>/jest.global.cjs',
};
