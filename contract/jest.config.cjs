module.exports = {
  ...require('../jest.node.js'),
  displayName: 'contract',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
};
