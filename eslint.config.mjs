import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import boundaries from 'eslint-plugin-boundaries';
import importPlugin from 'eslint-plugin-import';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const inApp = (configs) =>
  configs.map((c) => ({
    ...c,
    files: c.files ? c.files.map((f) => (typeof f === 'string' ? `app/${f}` : f)) : ['app/**/*.{ts,tsx,js,jsx}'],
  }));

// Imports point one way (docs/architecture.md).
const mayImport = {
  core: [],
  contract: ['core'],
  // What is put on paper: documents and vector drawings, from the same geometry as the screen.
  paper: ['contract', 'core'],
  server: ['paper', 'contract', 'core'],
  app: ['paper', 'contract', 'core'],
  // Types of what it sends and gets.
  e2e: ['contract', 'core'],
};

/**
 * Folders that import one way among themselves, the lowest first: each may import from those before it. One that is missing here imports from
 * none and is imported by none.
 */
const oneWay = [
  // The wings of core and the rooms of each (core/README.md).
  [
    'core/src',
    [
      'base',
      'air',
      'judge',
      'call',
      'fix',
      'instruments',
      'calculators',
      'visit',
      'practice',
      'shop',
      'photo',
      'entries',
    ],
  ],
  ['core/src/base', ['numbers', 'words', 'forms', 'verdict']],
  [
    'core/src/air',
    [
      'energy',
      'flow',
      'filter',
      'path',
      'traverse',
      'moistAir',
      'refrigeration',
      'coil',
      'drive',
      'duct',
      'fan',
      'system',
      'operate',
      'readings',
    ],
  ],
  ['core/src/judge', ['look', 'verdicts']],
  [
    'core/src/call',
    [
      'triage',
      'checks',
      'building',
      'complaint',
      'electrical',
      'facts',
      'finding',
      'heat',
      'outdoor',
      'stop',
      'refrigerant',
      'equipment',
      'maintenance',
      'points',
      'wrapUp',
      'power',
      'assess',
    ],
  ],
  ['core/src/fix', ['causes', 'model', 'observe', 'explain', 'advise', 'moves', 'driveBench', 'plan']],
  [
    'core/src/calculators',
    [
      'fields',
      'airflow',
      'building',
      'electrical',
      'temperature',
      'catalogue',
      'design',
      'drive',
      'heat',
      'refrigerant',
    ],
  ],
  ['core/src/instruments', ['live', 'log', 'simulated', 'trace']],
  ['core/src/visit', ['assess', 'explain', 'verify']],
  ['core/src/practice', ['cases', 'drills', 'cabinet', 'coach', 'debrief', 'progress']],
  ['core/src/photo', ['image', 'words', 'table', 'nameplate']],
  ['core/src/shop', ['card', 'odds', 'stock', 'roof', 'trend']],
  ['app/src', ['ui', 'data', 'features', 'app']],
  [
    'app/src/features',
    [
      'visitState',
      'undo',
      'shortcuts',
      'waiting',
      'photos',
      'photoReading',
      'places',
      'tool',
      'resultFoot',
      'speed',
      'otherVisits',
      'causes',
      'instruments',
      'stations',
      'call',
      'driveBench',
      'fix',
      'verify',
      'people',
      'wrapUp',
      'tables',
      'equipment',
      'units',
      'methods',
      'visit',
      'practice',
      'roof',
      'sites',
      'desk',
      'calculators',
      'settings',
      'schedule',
      'guide',
      'today',
    ],
  ],
  [
    'server/src',
    [
      'watch',
      'db',
      'http',
      'pdf',
      'health',
      'records',
      'people',
      'metrics',
      'shop',
      'jobs',
      'visits',
      'beside',
      'plans',
      'bridge',
      'photos',
      'reports',
      'due',
      'days',
      'mail',
      'openapi',
      'search',
      'sync',
      'bundle',
      'erase',
      'rest',
      'web',
      'reach',
      'backup',
      'move',
      'demo',
      'testing',
    ],
  ],
];
const zones = oneWay.flatMap(([root, layers]) =>
  readdirSync(root, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => ({
      target: `${root}/${name}`,
      from: root,
      except: [name, ...layers.slice(0, Math.max(0, layers.indexOf(name)))].map((lower) => `./${lower}`),
      message: `${root} imports one way: ${layers.join(' → ')} (eslint.config).`,
    })),
);

const tests = ['**/*.test.{ts,tsx}', 'e2e/**/*.ts'];

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'app/.expo/**',
      'data/**',
      'shots/**',
      'coverage/**',
      'test-results/**',
    ],
  },
  js.configs.recommended,
  ...inApp(expo),
  {
    files: ['**/*.{js,cjs,mjs}'],
    languageOptions: { globals: globals.node },
  },
  {
    // Parts of it run inside the page.
    files: [
      'scripts/bench/firstUse.mjs',
      'scripts/bench/photo.mjs',
      'scripts/bench/page.mjs',
      'scripts/bench/airway.mjs',
      'scripts/bench/planPage.mjs',
      'scripts/bench/sitesPage.mjs',
    ],
    languageOptions: { globals: globals.browser },
  },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/triple-slash-reference': ['error', { path: 'always' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ExportAllDeclaration[exported=null]',
          message: 'An index names what it exports: anyone who reads it sees what the folder is for.',
        },
      ],
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { project: ['tsconfig.json', 'app/tsconfig.json'] } },
      'boundaries/elements': Object.keys(mayImport).map((type) => ({ type, pattern: type })),
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          message: 'Imports point one way: app and server -> paper -> contract -> core.',
          policies: Object.entries(mayImport).map(([type, others]) => ({
            from: { element: { type } },
            allow: { to: { element: { type: [type, ...others] } } },
          })),
        },
      ],
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['@huff/*/src/*'], message: 'Import the face of a package, not its inside.' }] },
      ],
    },
  },
  {
    files: ['core/src/**/*.ts', 'app/src/**/*.{ts,tsx}', 'server/src/**/*.ts'],
    // What tests stand on is above everything.
    ignores: ['**/*.test.{ts,tsx}', '**/testing/**', '**/testing.ts'],
    plugins: { oneWay: importPlugin },
    rules: { 'oneWay/no-restricted-paths': ['error', { basePath: import.meta.dirname, zones }] },
  },
  {
    files: ['core/src/**/*.ts', 'contract/src/**/*.ts', 'paper/src/**/*.ts'],
    plugins: { circles: importPlugin },
    settings: {
      'import/extensions': ['.ts', '.tsx'],
      'import/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
    },
    rules: { 'circles/no-cycle': ['error', { ignoreExternal: true }] },
  },
  {
    files: tests,
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/no-require-imports': 'off',
    },
  },
  {
    // Playwright reads what a fixture needs from its pattern, empty or not.
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': 'off' },
  },
  prettier,
);
