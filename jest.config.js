module.exports = {
  projects: ['<rootDir>/core', '<rootDir>/contract', '<rootDir>/paper', '<rootDir>/server', '<rootDir>/app'],
};
