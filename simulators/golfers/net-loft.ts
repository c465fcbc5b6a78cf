import type { ClubKind } from '@/core/bag/club'
import { yards } from '@/core/units'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'

const club = (name: string, kind: ClubKind, loftDeg: number, carryYd: number): HiddenClub => ({
  name,
  kind,
  loftDeg,
  trueCarryM: yards(carryYd),
})

const ALL = { speed: true, launch: true, spin: true }

/** The three made-up golfers who train in the net loft at Tarnwick, with what Banco has to find out. */
export const NET_LOFT: HiddenGolfer[] = [
  {
    name: 'Tilda Brandvoll',
    clubs: [
      club('Driver', 'driver', 10.5, 203),
      club('5-wood', 'wood', 18, 178),
      club('7-wood', 'wood', 21, 171),
      club('5-hybrid', 'hybrid', 25, 160),
      club('6-iron', 'iron', 28, 147.5),
      club('7-iron', 'iron', 32, 138),
      club('8-iron', 'iron', 36, 129.5),
      club('9-iron', 'iron', 41, 110),
      club('P-wedge', 'wedge', 46, 101.5),
      club('50° wedge', 'wedge', 50, 100.5),
      club('54° wedge', 'wedge', 54, 80.5),
      club('58° wedge', 'wedge', 58, 66.5),
    ],
    spread: 0.035,
    missed: 0.14,
    misread: 0.008,
    tires: 0.018,
    launchOffDeg: 0.6,
    spinFactor: 1,
    shares: { 'three-quarter': 0.9, half: 0.715, quarter: 0.47 },
    measures: ALL,
    forgets: 0.03,
    knowsLofts: true,
  },
  {
    name: 'Marek Osei-Lind',
    clubs: [
      club('Driver', 'driver', 9, 262),
      club('3-wood', 'wood', 15, 232),
      club('2-hybrid', 'hybrid', 17, 236),
      club('4-iron', 'iron', 22, 206),
      club('5-iron', 'iron', 25, 194),
      club('6-iron', 'iron', 28, 184),
      club('7-iron', 'iron', 32, 172),
      club('8-iron', 'iron', 36, 160),
      club('9-iron', 'iron', 40.5, 148),
      club('P-wedge', 'wedge', 45, 136),
      club('50° wedge', 'wedge', 50, 122),
      club('55° wedge', 'wedge', 55, 107),
      club('60° wedge', 'wedge', 60, 91),
    ],
    spread: 0.025,
    missed: 0.07,
    misread: 0.008,
    tires: 0.01,
    launchOffDeg: -0.4,
    spinFactor: 1,
    shares: { 'three-quarter': 0.91, half: 0.72, quarter: 0.48 },
    measures: ALL,
    forgets: 0.03,
    knowsLofts: true,
  },
  {
    name: 'Junia Roux-Halvorsen',
    clubs: [
      club('Driver', 'driver', 12, 148),
      club('5-hybrid', 'hybrid', 25, 128),
      club('7-iron', 'iron', 32, 109),
      club('9-iron', 'iron', 41, 90),
      club('P-wedge', 'wedge', 46, 81),
      club('S-wedge', 'wedge', 56, 61),
    ],
    spread: 0.055,
    missed: 0.24,
    misread: 0.008,
    tires: 0.03,
    launchOffDeg: 1,
    spinFactor: 0.98,
    shares: { 'three-quarter': 0.89, half: 0.7, quarter: 0.45 },
    measures: { speed: true, launch: true, spin: false },
    forgets: 0.03,
    knowsLofts: true,
  },
]
