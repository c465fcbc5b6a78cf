import type { Golfer } from '@/core/model/golfer'
import { checkSentence } from '@/text/compare'
import { stationName } from '@/text/names'
import type { CheckSeen } from '@/views/session-compared'

type Props = { golfer: Golfer; checks: readonly CheckSeen[]; name: (id: string) => string }

/** Whether old stocks are still true, by the few shots of this session. */
export function Checks({ golfer, checks, name }: Props) {
  if (checks.length === 0) return null
  return (
    <section className="sheet mb-3" aria-label="Old stocks checked">
      <h2>Old stocks, checked</h2>
      <ul>
        {checks.map(({ station, days, old, now, found }) => (
          <li key={`${station.clubId} ${station.swing}`}>
            {checkSentence(
              stationName(name(station.clubId), station.swing),
              { days, oldM: old.carryM, nowM: now.carryM, shots: now.count },
              found,
              golfer,
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
