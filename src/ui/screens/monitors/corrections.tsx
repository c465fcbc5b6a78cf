import type { Golfer } from '@/core/model/golfer'
import { fieldsOff, type Correction, type FieldOff } from '@/core/monitors/correction'
import { UNNAMED_MONITOR } from '@/core/monitors/monitor'
import { FLIGHT } from '@/core/shots/flight-fields'
import { correctionSentence, fieldOffSentence } from '@/text/monitors'
import type { MonitorsView } from '@/views/monitors-view'
import { Switch } from '../../shared/form/switch'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

type Props = {
  golfer: Golfer
  chosen: NonNullable<MonitorsView['chosen']>
  corrections: readonly Correction[]
}

/** What would make the second monitor read like the first, field by field: off unless switched on, taken back in one tap. */
export function Corrections({ golfer, chosen, corrections }: Props) {
  const { problems, submit } = useSubmit()
  const { first, second, pairing } = chosen
  const own = corrections.filter(({ monitor }) => monitor === second)
  const fields = fieldsOff(pairing.pairs)
  const kept = own.filter(({ field }) => !fields.some((each) => each.field === field))
  const address = `/api/golfers/${golfer.id}/corrections`
  const change = ({ field, shift, pairs, half }: FieldOff, on: boolean) => {
    if (!on) return submit('DELETE', address, { monitor: second, field })
    if (!shift) return Promise.resolve(false)
    return submit('PUT', address, { monitor: second, field, ...shift, against: first, pairs, half, on })
  }
  return (
    <section className="sheet p-3 d-grid gap-2" aria-label="Correction">
      <h2 className="fs-6 mb-0">
        Let {second} count like {first}
      </h2>
      <p className="quiet mb-0">
        Off unless you switch it on. What {second} said stays as it was said; where a correction acts, it is
        said.
      </p>
      <Problems of={problems} />
      {second === UNNAMED_MONITOR && (
        <p className="mb-0">Give the monitor a name first, in the conditions of its session.</p>
      )}
      {fields.map((each) => {
        const on = own.find(({ field, on: acts }) => acts && field === each.field)
        return (
          <div key={each.field}>
            <Switch
              id={`correct-${each.field}`}
              checked={on !== undefined}
              disabled={on === undefined && (each.shift === null || second === UNNAMED_MONITOR)}
              label={
                on
                  ? correctionSentence(on, golfer)
                  : each.shift
                    ? correctionSentence({ ...each.shift, monitor: second, field: each.field }, golfer)
                    : `${FLIGHT[each.field].title}: nothing to correct`
              }
              onChange={(next) => change(each, next)}
            />
            <small className="quiet">{fieldOffSentence(each, golfer)}</small>
          </div>
        )
      })}
      {kept.map((each) => (
        <Switch
          key={each.field}
          id={`correct-${each.field}`}
          checked={each.on}
          label={correctionSentence(each, golfer)}
          onChange={() => submit('DELETE', address, { monitor: second, field: each.field })}
        />
      ))}
      {fields.length === 0 && kept.length === 0 && <p className="quiet mb-0">From three pairs on.</p>}
    </section>
  )
}
