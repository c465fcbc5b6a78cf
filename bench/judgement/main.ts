import { parseArgs } from 'node:util'
import { judgement, plans, worldsUnlike } from './tables'

const USAGE = `npm run bench:judgement -- [options]
  --golfers N   how many simulated golfers for each line of the table (300)
  --seed N      the same seed makes the same golfers (1)
  --plans N     how many of them follow a plan to its end (a fifth)
  --worlds      also golfers unlike the usual ones, a fifth as many of each`

const { values } = parseArgs({
  options: {
    golfers: { type: 'string', default: '300' },
    seed: { type: 'string', default: '1' },
    plans: { type: 'string' },
    worlds: { type: 'boolean', default: false },
    help: { type: 'boolean', default: false },
  },
})
const number = (name: string, text: string): number => {
  const value = Number(text)
  if (Number.isInteger(value) && value >= 1) return value
  console.error(`--${name} must be a whole number from 1 on, and is "${text}".\n${USAGE}`)
  process.exit(2)
}
if (values.help) {
  console.log(USAGE)
} else {
  const golfers = number('golfers', values.golfers)
  const seed = number('seed', values.seed)
  const fifth = Math.max(1, Math.round(golfers / 5))
  for (const line of judgement(golfers, seed)) console.log(line)
  for (const line of plans(values.plans ? number('plans', values.plans) : fifth, seed)) console.log(line)
  if (values.worlds) for (const line of worldsUnlike(fifth, seed)) console.log(line)
}
