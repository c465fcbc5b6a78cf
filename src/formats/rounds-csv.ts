import type { Golfer } from '@/core/model/golfer'
import type { Round } from '@/core/rounds/round'
import { lengthIn } from '@/core/units'
import { iso } from './shots-csv'
import { writeTable } from './tables-csv'

/** Every shot of some rounds, oldest round first, in the golfer's unit: the table that is brought in again as it is. */
export function writeRoundsCsv(
  rounds: readonly Round[],
  { lengthUnit }: Golfer,
  name: (id: string) => string,
): string {
  const far = (metres: number | null) =>
    metres === null ? '' : Number(lengthIn(metres, lengthUnit).toFixed(2))
  return writeTable([
    [
      ...['round', 'date', 'place', 'club', 'swing'],
      ...[`left (${lengthUnit})`, `left after (${lengthUnit})`, `carry (${lengthUnit})`, 'lie'],
    ],
    ...rounds
      .toSorted((a, b) => a.openedMs - b.openedMs)
      .flatMap(({ id, openedMs, offsetMin, place, shots }) =>
        shots.map(({ clubId, swing, leftM, afterM, carryM, lie }) => [
          ...[id, iso(openedMs, offsetMin), place ?? '', name(clubId), swing],
          ...[far(leftM), far(afterM), far(carryM), lie ?? ''],
        ]),
      ),
  ])
}
