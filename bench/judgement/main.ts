import { parseArgs } from 'node:util'
import {
  differences,
  edges,
  hardWorlds,
  judgement,
  longRun,
  looks,
  plans,
  ranges,
  reliability,
  strikeWords,
  worldsUnlike,
} from './tables'

const USAGE = `npm run bench:judgement -- [options]
  --golfers N   how many simulated golfers for each line of the table (300)
  --seed N      the same seed makes the same golfers (1)
  --plans N     how many of them follow a plan to its end, and look after every round (a fifth)
  --worlds      also golfers unlike the usual ones, worlds that are hard, and one to four days, half as many of each
  --all         also each order, the second generator, oracles, and how P(solid) keeps its word`

const { values } = parseArgs({
  options: {
    golfers: { type: 'string', default: '300' },
    seed: { type: 'string', default: '1' },
    plans: { type: 'string' },
    worlds: { type: 'boolean', default: false },
    all: { type: 'boolean', default: false },
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
  const planned = values.plans ? number('plans', values.plans) : Math.max(1, Math.round(golfers / 5))
  const half = Math.max(1, Math.round(golfers / 2))
  const print = (lines: Iterable<string>) => {
    for (const line of lines) console.log(line)
  }
  print(judgement(golfers, seed))
  if (values.all) print(differences(golfers, seed))
  if (values.all) print(reliability(half, seed))
  print(plans(planned, seed))
  print(looks(planned, seed))
  if (values.worlds || values.all) print(worldsUnlike(half, seed))
  if (values.worlds || values.all) print(hardWorlds(half, seed))
  if (values.worlds || values.all) print(longRun(half, seed))
  if (values.worlds || values.all) print(edges(half, seed))
  if (values.worlds || values.all) print(strikeWords(half, seed))
  if (values.worlds || values.all) print(ranges(Math.round(half / 2), seed))
}
