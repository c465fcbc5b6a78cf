import { chancesOf, type ChanceInput } from '@/core/course/chances-of'
import { readChanceInput } from '@/formats/chance-input'
import { lineCommand } from './line-command'

/** The chance to carry the hazard, and to land and stay on the green. */
export const chanceResult = (input: ChanceInput): object => chancesOf(input)

export const CHANCE = lineCommand(
  `The chances of a shot on the course: one JSON document a line in, one a line out, in metres (docs/calculations.md).

  echo '{ "carryM": 163, "stockSdM": 1.4, "shotSdM": 4.8, "missed": 0.14, "hazardM": 151 }' | npm run -s banco -- chance`,
  readChanceInput,
  chanceResult,
)
