import next from 'eslint-config-next/core-web-vitals'
import typescript from 'eslint-config-next/typescript'
import regexp from 'eslint-plugin-regexp'

const noClockNoDice = {
  files: ['src/core/**/*.ts'],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-properties': [
      'error',
      { object: 'Date', property: 'now', message: 'The core has no clock: take the time as a parameter.' },
      { object: 'Math', property: 'random', message: 'The core has no dice: take a seeded generator.' },
    ],
    'no-restricted-syntax': [
      'error',
      {
        selector: "NewExpression[callee.name='Date'][arguments.length=0]",
        message: 'The core has no clock: take the time as a parameter.',
      },
    ],
  },
}

const config = [
  {
    ignores: [
      '.banco/**',
      '.next/**',
      'node_modules/**',
      'next-env.d.ts',
      'tests/layers/**',
      'test-results/**',
    ],
  },
  ...next,
  ...typescript,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    // Text from outside must never make a pattern slow: no backtracking that grows faster than the text.
    files: ['src/**/*.{ts,tsx}'],
    plugins: { regexp },
    rules: { 'regexp/no-super-linear-backtracking': 'error', 'regexp/no-super-linear-move': 'error' },
  },
  noClockNoDice,
]

export default config
