'use client'

import { Switch } from '../../shared/form/switch'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

type Props = { coach: string | null; wanted: boolean }

/** The desk comes with the second golfer; somebody who looks after others may want it before. */
export function DeskWanted({ coach, wanted }: Props) {
  const { problems, submit } = useSubmit()
  return (
    <section className="sheet p-3 mb-3" style={{ maxWidth: 560 }} aria-label="The desk">
      <Switch
        id="desk-wanted"
        label="I look after golfers: show the desk"
        checked={wanted}
        onChange={(on) => submit('PUT', '/api/desk', { coach, wanted: on })}
      />
      <Problems of={problems} />
    </section>
  )
}
