module.exports = {
  ...require('../jest.node.js'),
  displayName: 'paper',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
};
