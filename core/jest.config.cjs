module.exports = {
  ...require('../jest.node.js'),
  displayName: 'core',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
};
