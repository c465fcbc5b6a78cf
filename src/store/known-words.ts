import { CLUB_KINDS } from '@/core/bag/club'
import { SEGMENTS } from '@/core/model/segment'
import { TURFS } from '@/core/model/turf'
import { GAP_RULES } from '@/core/model/gap-rule'
import { BAG_WISHES, COMPARE_IN, LEVELS } from '@/core/model/golfer'
import { HELD_REASONS } from '@/core/model/held-reason'
import { WINDS } from '@/core/session/conditions'
import { STOCK_SURFACES, SURFACES } from '@/core/model/surface'
import { LIES } from '@/core/rounds/round'
import { PLACES } from '@/core/model/session'
import { EVENT_KINDS } from '@/core/session/session-event'
import { CARRY_FROM } from '@/core/session/set-up'
import { FLIGHT_FIELDS } from '@/core/shots/flight-fields'
import { MARKS } from '@/core/model/mark'
import { SHOT_EVENT_KINDS, SHOT_SOURCES } from '@/core/session/action'
import { STOCK_RULES } from '@/core/model/stock-rule'
import { FOLLOW_UP_IN, WENT } from '@/core/coach/visit'
import { LENGTH_UNITS, SPEED_UNITS, TEMP_UNITS } from '@/core/units'

/** The words that a column may hold: lists of the core, which the tables do not repeat. */
const KNOWN_WORDS: Record<string, Record<string, readonly string[]>> = {
  golfer: {
    stock_rule: STOCK_RULES,
    even_school: GAP_RULES,
    length_unit: LENGTH_UNITS,
    speed_unit: SPEED_UNITS,
    temp_unit: TEMP_UNITS,
    compare_in: COMPARE_IN,
    stocks_off: STOCK_SURFACES,
    level: LEVELS,
    usual_turf: TURFS,
    bag_wish: BAG_WISHES,
  },
  visit: { follow_in: FOLLOW_UP_IN },
  after_play: { went: WENT },
  golfer_zone: { segment: SEGMENTS },
  club: { kind: CLUB_KINDS },
  session: { place: PLACES },
  set_up: { surface: SURFACES, wind: WINDS, carry_from: CARRY_FROM },
  shot: { source: SHOT_SOURCES, held_because: HELD_REASONS },
  file_condition: { surface: SURFACES },
  shot_event: { kind: SHOT_EVENT_KINDS, mark: MARKS },
  session_event: { kind: EVENT_KINDS },
  course_place: { turf: TURFS },
  course_day: { turf: TURFS },
  correction: { field: FLIGHT_FIELDS },
  as_on_course: { kind: CLUB_KINDS },
  round: { turf: TURFS },
  round_said: { lie: LIES },
}

/** A word that this version does not know, in rows of a table; null where there is none. */
export function strangeWord(
  table: string,
  rows: readonly Record<string, unknown>[],
): { column: string; word: string } | null {
  for (const [column, words] of Object.entries(KNOWN_WORDS[table] ?? {}))
    for (const row of rows) {
      const word = row[column]
      if (word !== null && word !== undefined && !words.includes(word as string))
        return { column, word: String(word).slice(0, 40) }
    }
  return null
}
