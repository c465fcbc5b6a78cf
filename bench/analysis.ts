import { analyseBag, type BagInput } from '@/core/analyse-bag'
import type { ClubId, ShotId } from '@/core/ids'
import { dice } from '../simulators/golfers/dice'
import { hitShot } from '../simulators/golfers/hit-shot'
import { NET_LOFT } from '../simulators/golfers/net-loft'
import { medianMs } from './timing'

/** analyseBag of 26 stations of 20 shots, as a multiple of parsing the same input. */
export function analysisAgainstParsing(): string[] {
  const input = stations()
  const text = JSON.stringify(input)
  const parse = medianMs(() => JSON.parse(text), 200)
  const analyse = medianMs(() => analyseBag(input), 100)
  return [
    `${input.shots.length} shots, ${(text.length / 1024).toFixed(0)} kB of JSON`,
    `JSON.parse ${parse.toFixed(2)} ms, analyseBag ${analyse.toFixed(2)} ms: ${(analyse / parse).toFixed(1)} times`,
  ]
}

export function stations(): BagInput {
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
