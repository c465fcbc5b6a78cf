// Every check there is: lint, types, layers, unit tests and browser tests: `npm test`.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { built, has, installed, run, say, stop } from './ready.mjs'

const RESULTS = 'test-results'

await installed()
await debianPackage({
  there: () => existsSync(process.env.BANCO_CHROMIUM ?? '/usr/bin/chromium'),
  name: 'chromium',
  for: `The browser tests need Chromium at ${process.env.BANCO_CHROMIUM ?? '/usr/bin/chromium'}: install it (apt-get install chromium), or set BANCO_CHROMIUM to one.`,
})
await debianPackage({
  there: () => has('pdftotext') && has('pdffonts'),
  name: 'poppler-utils',
  for: 'The tests of PDFs need pdftotext: install poppler-utils (apt-get install poppler-utils).',
})
rmSync(RESULTS, { recursive: true, force: true })
mkdirSync(RESULTS)

const failures = []
async function step(name, command, args) {
  say(name)
  const code = await run(command, args)
  if (code !== 0) failures.push(name)
  return code
}

const bin = (name) => `node_modules/.bin/${name}`
await step('Lint', bin('eslint'), ['.', '--max-warnings', '0'])
await step('Formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
await step('Types of the core', bin('tsc'), ['-p', 'src/core/tsconfig.json'])
await built()
await step('Types', bin('tsc'), ['-p', 'tsconfig.json'])
await step('Layers', process.execPath, ['scripts/layers.mjs'])
const unit = await step('Unit tests', bin('vitest'), [
  'run',
  '--reporter=default',
  '--reporter=json',
  `--outputFile.json=${RESULTS}/unit.json`,
])
const e2e = await step('Browser tests', bin('playwright'), ['test'])

const units = results('unit.json', (json) => [json.numPassedTests, json.numFailedTests])
const browser = results('e2e.json', ({ stats }) => [stats.expected, stats.unexpected])
const steps = failures.filter((name) => !name.endsWith('tests')).length
const unfinished = Number(unit !== 0 && units[1] === 0) + Number(e2e !== 0 && browser[1] === 0)
if (failures.length > 0) console.error(`Failed: ${failures.join(', ')}`)
console.log(`${units[0] + browser[0]} passed, ${units[1] + browser[1] + steps + unfinished} failed`)
process.exitCode = failures.length > 0 ? 1 : 0

function results(file, counts) {
  const path = `${RESULTS}/${file}`
  return existsSync(path) ? counts(JSON.parse(readFileSync(path, 'utf8'))) : [0, 0]
}

/** A program that the tests need and npm cannot bring: installed where this may be done, else asked for. */
async function debianPackage({ there, name, for: sentence }) {
  if (there()) return
  const root = process.getuid?.() === 0
  if (!root || !existsSync('/usr/bin/apt-get')) stop(sentence)
  say(
    `${sentence.split(':')[0]}: installing the Debian package ${name} with apt-get, which takes up to a minute.`,
  )
  const quiet = {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  }
  await run('apt-get', ['update', '-qq'], quiet)
  if ((await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], quiet)) !== 0)
    stop(`${name} could not be installed: see above.`)
}
