import { analyseBag } from '@/core/analyse-bag'
import { type BagInput } from '@/core/analysis/bag-analysis'
import type { ClubId, ShotId } from '@/core/model/ids'
import { dice } from '../simulators/golfers/dice'
import { hitShot } from '../simulators/golfers/hit-shot'
import { NET_LOFT } from '../simulators/golfers/net-loft'

const RUNS = 60

/** analyseBag of 26 stations of 20 shots, as a multiple of parsing the same input. */
export function analysisAgainstParsing(): string[] {
  const input = stations()
  const text = JSON.stringify(input)
  // Turn by turn, and the quickest of each: what else the machine does slows both alike.
  let parse = Infinity
  let analyse = Infinity
  for (let run = 0; run < RUNS; run++) {
    analyse = Math.min(
      analyse,
      ms(() => analyseBag(input)),
    )
    for (let i = 0; i < 10; i++)
      parse = Math.min(
        parse,
        ms(() => JSON.parse(text)),
      )
  }
  return [
    `${input.shots.length} shots, ${(text.length / 1024).toFixed(0)} kB of JSON`,
    `JSON.parse ${parse.toFixed(2)} ms, analyseBag ${analyse.toFixed(1)} ms: ${(analyse / parse).toFixed(0)} times (wanted at most 60)`,
  ]
}

function ms(call: () => void): number {
  const began = performance.now()
  call()
  return performance.now() - began
}

function stations(): BagInput {
  const [, golfer] = NET_LOFT
  if (!golfer) throw new Error('the net loft has no second golfer')
  const roll = dice(26)
  const clubs = golfer.clubs.map(({ name, kind, loftDeg }, order) => ({
    id: name as ClubId,
    kind,
    loftDeg,
    order,
  }))
  const partial = golfer.clubs
    .filter(({ kind }) => kind === 'wedge')
    .flatMap((club) => ['three-quarter', 'half', 'quarter'].map((swing) => ({ club, swing })))
  const all = [
    ...golfer.clubs.map((club) => ({ club, swing: 'full' })),
    ...partial,
    { club: golfer.clubs[8], swing: 'half' },
  ].slice(0, 26)
  const shots = all.flatMap(({ club, swing }) =>
    Array.from({ length: 20 }, () => {
      if (!club) throw new Error('a station has no club')
      return {
        clubId: club.name as ClubId,
        swing,
        ...hitShot(golfer, club, { swing, position: 0 }, roll).flight,
      }
    }),
  )
  return {
    clubs,
    shots: shots.map((shot, sequence) => ({ ...shot, id: `s${sequence}` as ShotId, sequence })),
  }
}
