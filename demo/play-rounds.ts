import type { GolferId, RoundId, RoundShotId } from '@/core/model/ids'
import { lengthIn, yards } from '@/core/units'
import type { Venue } from '@/core/session/day'
import { clubsOf } from '@/store/clubs'
import type { Database } from '@/store/database'
import { openRound, appendRoundEvents } from '@/store/rounds'
import type { Dice } from '../simulators/golfers/dice'
import type { HiddenGolfer } from '../simulators/golfers/hidden-golfer'
import { NINE_HOLES_YD, playRound } from '../simulators/golfers/play-round'

type Round = { golferId: GolferId; hidden: HiddenGolfer; venue: Venue | null; atMs: number }
const MINUTE_MS = 60_000
/** How often a golfer on the course takes a rangefinder to where the ball landed. */
const MEASURED = 0.6
const WINTER_ROUND_C = 10

/** A round as a golfer logs one: what was left and the lie of every shot, now and then what it carried. */
export function playOn(db: Database, { golferId, hidden, venue, atMs }: Round, roll: Dice): void {
  const ids = new Map(clubsOf(db, golferId).map((club) => [club.name, club.id]))
  const id = `${golferId}-round-${atMs}` as RoundId
  const { altitudeM = 0, turf = 'normal' } = venue ?? {}
  const day = { tempC: WINTER_ROUND_C, altitudeM, seaLevelHpa: 1013, humidity: 0.75, turf }
  openRound(db, golferId, {
    ...{ id, place: venue?.name ?? null, openedMs: atMs, offsetMin: 0, competition: false, day },
  })
  playRound(hidden, [...NINE_HOLES_YD, ...NINE_HOLES_YD], roll).forEach(
    ({ club, swing, leftM, afterM, carryM, lie }, i) => {
      const clubId = ids.get(club.name)
      if (!clubId) throw new Error(`${hidden.name} has no ${club.name}`)
      const eventId = `${id}-${i + 1}`
      const measured = club.kind !== 'driver' && swing === 'full' && roll.chance(MEASURED)
      appendRoundEvents(
        db,
        id,
        [
          {
            ...{
              said: eventId,
              id: eventId as RoundShotId,
              atMs: atMs + i * 7 * MINUTE_MS,
              clubId,
              swing,
              lie,
            },
            ...{
              leftM: wholeYard(leftM),
              afterM: wholeYard(afterM),
              carryM: measured ? wholeYard(carryM) : null,
            },
          },
        ],
        eventId,
      )
    },
  )
}

const wholeYard = (metres: number): number => yards(Math.round(lengthIn(metres, 'yd')))
