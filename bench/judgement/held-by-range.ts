import { hitShot } from '../../simulators/golfers/hit-shot'
import { dice } from '../../simulators/golfers/dice'
import { ratioOf, type Ratio } from './ratio'
import { analyseTrial, oneDay, seedOfTrial } from './trial'
import { USUAL } from './worlds'

const LATER = 12

/** The share of each golfer's later good shots, hit fresh, that fall inside the typical range of a club. */
export function heldByRange(golfers: number, seed: number, shotsEach: number): Ratio {
  const each = Array.from({ length: golfers }, (_, g) => {
    const roll = dice(seedOfTrial(seed, g, 300 + shotsEach))
    const trial = oneDay(USUAL, shotsEach, g % 2 === 0 ? 'rounds' : 'club after club', roll)
    const { stocks } = analyseTrial(trial)
    const well = { ...trial.golfer, missed: 0, misread: 0, tires: 0 }
    const tally = { held: 0, later: 0 }
    for (const { clubId, swing, reachM } of stocks) {
      const club = well.clubs.find(({ name }) => name === clubId)
      if (!club || !reachM || swing !== 'full') continue
      for (let i = 0; i < LATER; i++) {
        const { carryM } = hitShot(well, club, { swing, position: 0 }, roll).flight
        tally.later++
        if (carryM >= reachM[0] && carryM <= reachM[1]) tally.held++
      }
    }
    return tally
  })
  return ratioOf(
    each,
    ({ held }) => held,
    ({ later }) => later,
  )
}
