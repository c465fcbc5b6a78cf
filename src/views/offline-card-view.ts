import type { OfflineCard } from '@/core/course/offline-card'
import type { Golfer } from '@/core/model/golfer'
import { lineName } from '@/draw/card'
import { cardOfDay, RULE_NOTE } from '@/draw/card-of-day'
import type { Database } from '@/store/database'
import { clubNames } from '@/text/names'
import { flagName } from '@/text/wedges'
import { numberView } from './number-view'
import { cardView } from './paper-view'

/**
 * The offline card: the golfer's day with its shots; the plain card alone while a competition round is under
 * way. Null before the first bag.
 */
export function offlineCardView(db: Database, golfer: Golfer, nowMs: number): OfflineCard | null {
  const view = numberView(db, golfer, nowMs)
  if (!view) return null
  const { bag, day, card, competitionUntilMs } = view
  const plain = competitionUntilMs === null ? null : cardView(db, golfer, nowMs, 'card')
  const { title, notes, unit, swings, lines } = plain ?? cardOfDay(golfer, { bag, day, card })
  const shots = plain ? [] : view.shots
  const name = clubNames(bag)
  return {
    title,
    // The page of the picker says the rule whole.
    notes: notes.filter((note) => note !== RULE_NOTE),
    units: { lengthUnit: golfer.lengthUnit, speedUnit: golfer.speedUnit },
    dayWindMps: day.tailwindMps,
    sure: golfer.sureness,
    card: {
      head: ['Club', `carry, ${unit}`, '±', ...swings],
      lines: lines.map((line) => [lineName(line), line.carry, line.plusMinus, ...line.swings]),
    },
    shots: shots.map(({ clubId, swing, path: _drawn, ...shot }) => ({
      ...rounded(shot),
      name: flagName(name(clubId), swing),
    })),
    madeMs: nowMs,
  }
}

/** Numbers to a tenth of a millimetre or of a thousandth: a file is small, and says the same. */
const DIGITS = 4
const rounded = <T extends object>(values: T): T =>
  JSON.parse(
    JSON.stringify(values, (_key, value: unknown) =>
      typeof value === 'number' ? Number(value.toFixed(DIGITS)) : value,
    ),
  ) as T
