import type { ClubKind } from './club'
import type { ClubBuild } from './club-build'
import type { GolferAim } from '../model/golfer'
import { yards } from '../units'
import { usualBuild } from './usual-build'

type TemplateClub = { name: string; kind: ClubKind; loftDeg: number; build: ClubBuild }
type BagTemplate = { key: string; name: string; about: string; clubs: TemplateClub[] }

const club = (name: string, kind: ClubKind, loftDeg: number): TemplateClub => ({
  name,
  kind,
  loftDeg,
  build: usualBuild(kind, loftDeg),
})

const putter = club('Putter', 'putter', 3)
const driver = club('Driver', 'driver', 10.5)

/** Starting points for a bag. Lofts, lengths and bounces are usual ones (common practice), and say so; the golfer corrects them. */
export const BAG_TEMPLATES: BagTemplate[] = [
  {
    key: 'fourteen',
    name: 'Fourteen clubs',
    about: 'driver, two woods, a hybrid, irons 5 to 9 and four wedges',
    clubs: [
      driver,
      club('3-wood', 'wood', 15),
      club('5-wood', 'wood', 18),
      club('4-hybrid', 'hybrid', 22),
      club('5-iron', 'iron', 25),
      club('6-iron', 'iron', 28.5),
      club('7-iron', 'iron', 32.5),
      club('8-iron', 'iron', 36.5),
      club('9-iron', 'iron', 41),
      club('P-wedge', 'wedge', 45.5),
      club('50° wedge', 'wedge', 50),
      club('54° wedge', 'wedge', 54),
      club('58° wedge', 'wedge', 58),
      putter,
    ],
  },
  {
    key: 'smooth',
    name: 'Thirteen for a smooth swing',
    about: 'higher woods and a hybrid in place of long irons',
    clubs: [
      driver,
      club('5-wood', 'wood', 18),
      club('7-wood', 'wood', 21),
      club('5-hybrid', 'hybrid', 25),
      club('6-iron', 'iron', 28),
      club('7-iron', 'iron', 32),
      club('8-iron', 'iron', 36),
      club('9-iron', 'iron', 41),
      club('P-wedge', 'wedge', 46),
      club('50° wedge', 'wedge', 50),
      club('54° wedge', 'wedge', 54),
      club('58° wedge', 'wedge', 58),
      putter,
    ],
  },
  {
    key: 'light',
    name: 'Ten that do different jobs',
    about: 'every other club, for a bag that is carried',
    clubs: [
      driver,
      club('4-wood', 'wood', 17),
      club('4-hybrid', 'hybrid', 22),
      club('6-iron', 'iron', 28.5),
      club('7-iron', 'iron', 32.5),
      club('8-iron', 'iron', 36.5),
      club('9-iron', 'iron', 41),
      club('P-wedge', 'wedge', 45.5),
      club('54° wedge', 'wedge', 54),
      putter,
    ],
  },
  {
    key: 'seven',
    name: 'Seven to begin with',
    about: 'few clubs, far enough apart to tell one from the other',
    clubs: [
      club('Driver', 'driver', 12),
      club('5-hybrid', 'hybrid', 25),
      club('7-iron', 'iron', 32),
      club('9-iron', 'iron', 41),
      club('P-wedge', 'wedge', 46),
      club('S-wedge', 'wedge', 56),
      putter,
    ],
  },
]

/** A driver that carries less than so much makes a slower swing; more than so much a fast one (common practice). */
const SLOWER_M = yards(165)
const SMOOTH_M = yards(215)

/** The templates with the one first that fits a golfer best, by what they said of themselves. */
export function templatesFor({
  level,
  driverM,
  bagWish,
}: Pick<GolferAim, 'level' | 'driverM' | 'bagWish'>): BagTemplate[] {
  const first =
    level === 'beginner'
      ? 'seven'
      : bagWish === 'light'
        ? 'light'
        : driverM !== null && driverM < SLOWER_M
          ? 'seven'
          : driverM !== null && driverM < SMOOTH_M
            ? 'smooth'
            : 'fourteen'
  return BAG_TEMPLATES.toSorted((a, b) => Number(b.key === first) - Number(a.key === first))
}
