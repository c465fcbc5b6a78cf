// Holds the one-way rule, and holds the checker itself to account: on a tree that breaks the rule it
// must find every fault, and on the real one it must have read the modules that are there.
import { cruise } from 'dependency-cruiser'
import extractConfig from 'dependency-cruiser/config-utl/extract-depcruise-config'
import extractTs from 'dependency-cruiser/config-utl/extract-ts-config'

const CANARY = [
  'core-has-no-other-folder',
  'core-math-sees-only-those-before-it',
  'core-sees-nothing',
  'core-takes-statistics-only',
  'joi-only-in-formats',
  'no-cycles',
  'only-views-analyse',
  'sqlite-only-in-store',
  'store-sees-core',
  'ui-takes-types-of-views-only',
]
const FEWEST_MODULES = 60

const options = await extractConfig('./.dependency-cruiser.cjs')
const tsConfig = extractTs('./tsconfig.json')

async function violations(paths) {
  const { forbidden, options: cruiseOptions } = options
  const { output } = await cruise(paths, { ...cruiseOptions, ruleSet: { forbidden }, validate: true }, null, {
    tsConfig,
  })
  return { found: output.summary.violations, modules: output.summary.totalCruised }
}

const canary = await violations(['tests/layers/src'])
const missed = CANARY.filter((rule) => !canary.found.some((violation) => violation.rule.name === rule))
const real = await violations(['src', 'simulators', 'demo'])
const faults = [
  ...missed.map((rule) => `The checker does not see ${rule} in tests/layers, which breaks it on purpose.`),
  ...(real.modules < FEWEST_MODULES
    ? [`The checker read ${real.modules} modules, and there are at least ${FEWEST_MODULES}.`]
    : []),
  ...real.found.map(({ rule, from, to }) => `${from} imports ${to}, against ${rule.name}.`),
]
faults.forEach((fault) => console.error(fault))
const passed = CANARY.length - missed.length + (real.found.length === 0 ? 1 : 0)
console.log(`Layers: ${real.modules} modules read, ${passed} passed, ${faults.length} failed`)
process.exitCode = faults.length > 0 ? 1 : 0
