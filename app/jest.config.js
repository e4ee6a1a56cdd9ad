const preset = require('jest-expo/jest-preset');

const babel = preset.transform['\\.[jt]sx?$'];
// Packages that ship as ES modules only: Babel takes them in as well.
const modulesOnly =
  'd3-.*|internmap|uuid|react-native-svg|react-native-paper|comlink|@tanstack/react-table|@tanstack/table-core|@tanstack/react-store|@tanstack/store';

module.exports = {
  preset: 'jest-expo',
  displayName: 'app',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.tsx', '<rootDir>/src/**/*.test.ts'],
  transform: { ...preset.transform, '\\.mjs$': babel },
  transformIgnorePatterns: preset.transformIgnorePatterns.map((pattern) =>
    pattern.replace('(.pnpm|', `(.pnpm|${modulesOnly}|`),
  ),
};
