import type { Golfer } from '@/core/model/golfer'
import { boughtBy, degreesOf } from '@/core/refit/fixes'
import type { PaperBag } from '@/core/refit/paper-bag'
import { withFixes } from '@/core/refit/paper-fixes'
import { coverOn } from '@/core/refit/paper-gaps'
import { count, fixed, percent } from '@/text/numbers'
import { onPaper } from './on-paper'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { ClubId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import { fixesSentence } from '@/text/refit'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'

type Props = {
  fixes: Fix[]
  tried: { name: string; fixes: Fix[] }[]
  name: (id: ClubId) => string
  onShow: (fixes: Fix[]) => void
  /** The bag as it is, to set beside what was tried. */
  paper: PaperBag
  golfer: Golfer
}

/** Changes saved under names, to show again or to remove. */
export function KeptRefits({ fixes, tried, name, onShow, paper, golfer }: Props) {
  const router = useRouter()
  const [called, setCalled] = useState('')
  const { problems, setProblems, send } = useSubmit()
  const url = `/api/golfers/${golfer.id}/tried-refits`
  const keep = async () => {
    if (called.trim() === '')
      return setProblems([
        { field: 'name', sentence: 'Type a name for these changes, so that you find them again.' },
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
    <section className="sheet kept no-print" aria-label="Saved changes">
      <h2>Saved changes</h2>
      <Form
        className="d-flex gap-2 px-3"
        onSubmit={(event) => {
          event.preventDefault()
          void keep()
        }}
      >
        <TextField
          className="flex-grow-1"
          label="A name for these changes"
          labelled="unseen"
          text="refit"
          size="sm"
          value={called}
          placeholder="a name for these changes"
          onChange={({ target }) => setCalled(target.value)}
        />
        <Button size="sm" type="submit" variant="outline" disabled={fixes.length === 0}>
          Save
        </Button>
      </Form>
      <Problems of={problems} />
      <Compared tried={tried} fixes={fixes} name={name} paper={paper} golfer={golfer} />
      <ul>
        {tried.map((each) => (
          <li key={each.name}>
            <span>
              <b>{each.name}</b> <span className="quiet">{fixesSentence(each.fixes, name, golfer)}</span>
            </span>
            <Button
              size="sm"
              variant="outline"
              onClick={() => onShow(each.fixes)}
              aria-label={`Show ${each.name} on the ladder`}
            >
              Show
            </Button>
            <Button
              size="sm"
              variant="outline"
              onClick={() => forget(each.name)}
              aria-label={`Remove ${each.name}`}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

type ComparedProps = Pick<Props, 'tried' | 'fixes' | 'name' | 'paper' | 'golfer'>

/** Saved changes compared with the bag as it is and with the ladder: good gaps, price, the widest gap, coverage. */
function Compared({ tried, fixes, name, paper, golfer }: ComparedProps) {
  if (tried.length === 0) return null
  const options = [
    { name: 'now', fixes: [] },
    ...(fixes.length > 0 ? [{ name: 'on the ladder', fixes }] : []),
    ...tried,
  ]
  return (
    <div className="compared">
      <table className="table table-sm num mb-0">
        <caption className="visually-hidden">Saved changes side by side</caption>
        <thead>
          <tr>
            <th>Bag</th>
            <th>Good gaps</th>
            <th>Work</th>
            <th>To buy</th>
            <th>Widest gap</th>
            <th>Covered</th>
          </tr>
        </thead>
        <tbody>
          {options.map((option) => {
            const { good, gaps } = onPaper(paper, option.fixes, golfer, name)
            const widest = gaps.toSorted((a, b) => b.drawn - a.drawn)[0]
            return (
              <tr key={option.name}>
                <th>{option.name}</th>
                <td>
                  {good.after.good} of {good.after.of}
                </td>
                <td>{degreesOf(option.fixes) > 0 ? `${degreesOf(option.fixes)}°` : '–'}</td>
                <td>{boughtBy(option.fixes) > 0 ? count(boughtBy(option.fixes), 'club') : '–'}</td>
                <td>
                  {widest
                    ? `${fixed(widest.drawn, 0)} ${golfer.lengthUnit}, ${name(widest.longerId)} to ${name(widest.shorterId)}`
                    : '–'}
                </td>
                <td>{percent(coverOn(withFixes(paper, option.fixes), golfer.toleranceM).cover)}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </div>
  )
}
