import type { Bag } from '@/core/bag/bag'
import type { Day } from '@/core/session/day'
import type { DayCard, Interval } from '@/core/course/day-card'
import type { Golfer } from '@/core/model/golfer'
import { FULL_SWING, TEED_SWING } from '@/core/model/station'
import { dayLine, isRestated, ofDayIsOpen } from '@/text/day'
import { clubNames, EXPECTED, shortSwing } from '@/text/names'
import { adjustmentsSentence } from '@/text/reasons'
import { aroundCell, carryText, len, listed } from '@/text/numbers'
import type { CardData } from './card'

export const RULE_NOTE = 'In a competition round local rules decide: Rule 4.3'

/** The card of a day: what each club carries in its air, and where it comes to rest on its ground. */
export function cardOfDay(
  golfer: Golfer,
  { bag, day, card }: { bag: Bag; day: Day; card: DayCard },
): CardData {
  const lineOf = (clubId: string, swing: string) =>
    card.lines.find((line) => line.clubId === clubId && line.swing === swing && line.measured)
  const partial = [...golfer.swings, TEED_SWING].filter(
    (swing) => swing !== FULL_SWING && bag.clubs.some(({ id }) => lineOf(id, swing)),
  )
  const modelled = card.lines.some(isRestated)
  const onCourse = bag.clubs.filter(({ id }) => lineOf(id, FULL_SWING)?.onCourse).map(({ name }) => name)
  const carryOf = (clubId: string, swing: string): Interval | undefined => {
    const line = lineOf(clubId, swing)
    return line && !ofDayIsOpen(line, card) ? (line.ofDay ?? line.measured) : undefined
  }
  const isExpected = (clubId: string, swing: string) => lineOf(clubId, swing)?.isExpected
  return {
    title: `${golfer.name}, ${day.place ?? 'the day'}`,
    notes: [
      dayLine(day, golfer),
      modelled
        ? 'all modelled for this air and ground; ± is a 90% interval'
        : 'as measured; ± is a 90% interval',
      ...(onCourse.length > 0 ? [`as on the course, not as in the bay: ${listed(onCourse)}`] : []),
      ...(card.lines.some((line) => line.isExpected) ? [`≈ ${EXPECTED}`] : []),
      ...card.adjustments.map((each) => adjustmentsSentence(each, clubNames(bag))),
      RULE_NOTE,
    ],
    unit: golfer.lengthUnit,
    swings: ['total', ...partial.map(shortSwing)],
    lines: bag.clubs
      .filter(
        ({ id, kind }) => kind !== 'putter' && card.lines.some((line) => line.clubId === id && line.measured),
      )
      .map(({ id, name, build: { job } }) => {
        const total = carryOf(id, FULL_SWING) && lineOf(id, FULL_SWING)?.total
        // One that is only hit from the tee is played for where it comes to rest.
        const onTotal = job === 'tee' && total !== undefined
        const carry = onTotal ? total : carryOf(id, FULL_SWING)
        return {
          name,
          ...(onTotal && { onTotal: true as const }),
          carry: carry
            ? carryText({ carryM: carry.atM, isExpected: isExpected(id, FULL_SWING) }, golfer)
            : '–',
          plusMinus: carry
            ? aroundCell({ carryM: carry.atM, lowM: carry.lowM, highM: carry.highM }, golfer)
            : '',
          swings: [
            total ? len(total.atM, golfer) : '',
            ...partial.map((swing) => {
              const short = carryOf(id, swing)
              return short ? carryText({ carryM: short.atM, isExpected: isExpected(id, swing) }, golfer) : ''
            }),
          ],
        }
      }),
  }
}
