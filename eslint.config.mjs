import next from 'eslint-config-next/core-web-vitals'
import typescript from 'eslint-config-next/typescript'

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
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'tests/layers/**', 'test-results/**'] },
  ...next,
  ...typescript,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  noClockNoDice,
]

export default config
