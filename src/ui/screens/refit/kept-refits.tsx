import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { ClubId, GolferId } from '@/core/ids'
import { LETTERS } from '@/core/limits'
import type { Fix } from '@/core/refit/fixes'
import { fixesSentence } from '@/text/refit'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'

type Props = {
  golferId: GolferId
  fixes: Fix[]
  tried: { name: string; fixes: Fix[] }[]
  name: (id: ClubId) => string
  onShow: (fixes: Fix[]) => void
}

/** What was tried, under names: put on the bench again, or thrown away. */
export function KeptRefits({ golferId, fixes, tried, name, onShow }: Props) {
  const router = useRouter()
  const [called, setCalled] = useState('')
  const { problems, setProblems, send } = useSubmit()
  const url = `/api/golfers/${golferId}/tried-refits`
  const keep = async () => {
    if (called.trim() === '')
      return setProblems([
        { field: 'name', sentence: 'Type a name for what is on the bench: you find it again by that.' },
      ])
    const sent = await send('PUT', url, { name: called.trim(), fixes })
    if (!sent.ok) return
    setCalled('')
    router.refresh()
  }
  const forget = async (what: string) => {
    if ((await send('DELETE', url, { name: what })).ok) router.refresh()
  }
  return (
    <section className="sheet kept no-print" aria-label="What was tried">
      <h2>What was tried</h2>
      <Form
        className="d-flex gap-2 px-3"
        onSubmit={(event) => {
          event.preventDefault()
          void keep()
        }}
      >
        <Form.Control
          size="sm"
          value={called}
          maxLength={LETTERS.refit}
          aria-label="A name for what is on the bench"
          placeholder="a name for what is on the bench"
          onChange={({ target }) => setCalled(target.value)}
        />
        <Button size="sm" type="submit" variant="outline" disabled={fixes.length === 0}>
          Keep it
        </Button>
      </Form>
      <Problems of={problems} />
      <ul>
        {tried.map((each) => (
          <li key={each.name}>
            <span>
              <b>{each.name}</b> <span className="quiet">{fixesSentence(each.fixes, name)}</span>
            </span>
            <Button
              size="sm"
              variant="outline"
              onClick={() => onShow(each.fixes)}
              aria-label={`Put ${each.name} on the bench`}
            >
              On the bench
            </Button>
            <Button
              size="sm"
              variant="outline"
              onClick={() => forget(each.name)}
              aria-label={`Throw ${each.name} away`}
            >
              Throw away
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
