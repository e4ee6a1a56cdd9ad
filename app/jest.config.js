module.exports = {
  preset: 'jest-expo',
  displayName: 'app',
  rootDir: __dirname,
  testMatch: ['<rootDir>/src/**/*.test.tsx', '<rootDir>/src/**/*.test.ts'],
  // d3 and uuid ship as ES modules only: let Babel take them in as well.
  transformIgnorePatterns: [
    'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|react-native-svg|react-native-paper|d3-.*|internmap|uuid)/?)',
  ],
};
