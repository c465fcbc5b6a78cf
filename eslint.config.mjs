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

/** Names that a word of the trade or of the web replaced (the glossary in CONTRIBUTING.md). */
const OLD_NAMES =
  'acting actedOn announce answer answers apart Around Asked asked beside Beside deafen Doing door faced Faced Found ' +
  'heard helps hold holds Holds hole holes Home hurt hurtMs inTurn Known lacked lackedM letGo LETTERS light likes ' +
  'Likes Line LOOK LOOK_M naming NAMING Of Pair passing Reading said Said school School schools stair Stair ' +
  'standing standings stands step Step steps STILL Sureness takenAlong tell told Trouble uncleared unheard ' +
  'watched way Way ways Which whoMay'
/** Parts of names that went with them. */
const OLD_PARTS =
  '(?<!_)[sS]chools?(?![a-z])|[sS]tair(?![a-z])|Beside|beside(?=[A-Z])|[tT]akenAlong|[uU]ncleared|[fF]aced(?=[A-Z]|$)'

/** Old names that stay in these files, and why. */
const ALLOWED = [
  // A column of the shots file.
  {
    names: ['apart'],
    files: [
      'src/core/session/shot-record.ts',
      'src/store/shots-on-file.ts',
      'src/formats/shots-csv.test.ts',
      'bench/file-import.ts',
    ],
  },
  // What the tables, the golfer document and the outbox of a browser call a field since the first version.
  {
    names: ['said'],
    files: [
      '**/*round*.{ts,tsx}',
      '**/rounds/**/*.{ts,tsx}',
      '**/round*/**/*.{ts,tsx}',
      'src/store/journal.ts',
      'src/{store/session-events,formats/stored-json}.ts',
      'simulators/attacker/bodies.ts',
    ],
  },
  {
    names: ['likes'],
    files: [
      'src/core/model/{golfer,limits}.ts',
      'src/formats/forms.ts',
      'src/store/golfers.ts',
      'src/ui/screens/golfer/*.tsx',
    ],
  },
  // The step of a numerical method, and of an input in HTML.
  {
    names: ['step', 'steps', 'Step'],
    files: [
      'src/core/{flight,course}/*.ts',
      'src/cli/flight.ts',
      'src/ui/screens/{course,refit}/*.tsx',
      'tests/e2e/bag.spec.ts',
    ],
  },
  // A key that is stored: the wish for a light bag.
  { names: ['light'], files: ['src/text/names.ts'] },
]
const glossary = (allowed) => ({
  'id-denylist': ['error', ...OLD_NAMES.split(' ').filter((name) => !allowed.includes(name))],
  'id-match': ['error', `^(?!.*(${OLD_PARTS}))`, { properties: true, onlyDeclarations: true }],
})
const CODE = ['{src,demo,simulators,bench,tests}/**/*.{ts,tsx}']

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
  { files: CODE, rules: glossary([]) },
  ...ALLOWED.map(({ names, files }) => ({ files, rules: glossary(names) })),
]

export default config
