// For core, contract and server: swc strips the types and compiles the decorators.
/** @type {import('jest').Config} */
module.exports = {
  prettierPath: null, // Jest 29 cannot write inline snapshots with Prettier 3
  testEnvironment: 'node',
  // Copies that jest.d3.cjs makes.
  moduleNameMapper: { '^(d3-scale|d3-shape)$': `${__dirname}/node_modules/.cache/huff/d3/$1.cjs` },
  transform: {
    '\\.[cm]?tsx?$': [
      '@swc/jest',
      {
        swcrc: false,
        sourceMaps: 'inline',
        module: { type: 'commonjs' },
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', decorators: true },
          transform: { legacyDecorator: true, useDefineForClassFields: true },
        },
      },
    ],
  },
};
