import { whatToPractise } from '@/core/practice/practice'
import { dice } from '../../simulators/golfers/dice'
import { oneStruckBadly } from './hard-worlds'
import { ratioOf, type Ratio } from './ratio'
import { analyseTrial, oneDay, seedOfTrial, type Order } from './trial'
import { USUAL, withoutClubSpeed } from './worlds'

const SHOTS = 8
const SESSIONS = 3
const orderOf = (g: number): Order => (g % 2 === 0 ? 'rounds' : 'club after club')

/** How often a club is called badly struck, and a golfer told to practise, where all clubs are struck alike; and how many of those truly struck badly are found. */
export function strikes(
  golfers: number,
  seed: number,
): { name: string; falseStrikes: Ratio; practise: Ratio; found?: Ratio; lofts: Ratio }[] {
  return [USUAL, { ...USUAL, name: 'no club speed', hit: withoutClubSpeed }].map((world, w) => {
    const each = Array.from({ length: golfers }, (_, g) => {
      const roll = dice(seedOfTrial(seed, g, 400 + w))
      const golfer = world.golfer('g', roll)
      const sessions = Array.from(
        { length: SESSIONS },
        () => analyseTrial(oneDay({ ...world, golfer: () => golfer }, SHOTS, orderOf(g), roll)).stocks,
      )
      const causes = sessions.flat().flatMap(({ offCurve }) => offCurve?.cause ?? [])
      const badly = oneStruckBadly(SHOTS, orderOf(g), dice(seedOfTrial(seed, g, 420)))
      const off = analyseTrial(badly).stocks.find(({ clubId }) => clubId === badly.badly)?.offCurve
      return {
        clubs: causes.length,
        falseStrikes: causes.filter((cause) => cause === 'strike').length,
        lofts: causes.filter((cause) => cause === 'loft').length,
        golfers: 1,
        practise: whatToPractise(sessions[0] ?? [], sessions).length > 0 ? 1 : 0,
        short: off && off.cause !== 'too-few' ? 1 : 0,
        found: off?.cause === 'strike' ? 1 : 0,
      }
    })
    return {
      name: world.name,
      falseStrikes: ratioOf(
        each,
        (one) => one.falseStrikes,
        (one) => one.clubs,
      ),
      lofts: ratioOf(
        each,
        (one) => one.lofts,
        (one) => one.clubs,
      ),
      practise: ratioOf(
        each,
        (one) => one.practise,
        (one) => one.golfers,
      ),
      ...(w === 0 && {
        found: ratioOf(
          each,
          (one) => one.found,
          (one) => one.short,
        ),
      }),
    }
  })
}
