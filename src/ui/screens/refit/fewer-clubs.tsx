import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { dropsFor, type FewerClubs } from '@/core/refit/fewer-clubs'
import type { Fix } from '@/core/refit/fixes'
import type { Demand } from '@/core/gaps/demand'
import { noFewerSentence, oneLessSentence } from '@/text/refit'

type Props = {
  golfer: Golfer
  fewer: FewerClubs
  demand: Demand
  /** How many putters the bag has: they count among the clubs that are carried. */
  putters: number
  /** How many clubs the golfer chose to carry. */
  wanted: number | undefined
  name: (id: ClubId) => string
  onShow: (fixes: Fix[]) => void
}

/** How many clubs the golfer wants to carry, and what each club less costs. */
export function FewerClubsSheet({ golfer, fewer, demand, putters, wanted, name, onShow }: Props) {
  const router = useRouter()
  const has = fewer.has + putters
  const least = has - fewer.less.length
  const ask = (number: string) => {
    const url = new URL(window.location.href)
    if (number === '') url.searchParams.delete('carry')
    else url.searchParams.set('carry', number)
    router.push(`${url.pathname}${url.search}`, { scroll: false })
    onShow(number === '' ? [] : dropsFor(fewer, Number(number) - putters))
  }
  return (
    <section className="sheet fewer" aria-label="Fewer clubs">
      <h2>Fewer clubs</h2>
      <div className="px-3 pb-3">
        <label className="d-flex gap-2 align-items-center mb-2">
          I want to carry
          <Form.Select
            className="w-auto"
            value={wanted === undefined || wanted >= has ? '' : wanted}
            onChange={({ target }) => ask(target.value)}
          >
            <option value="">{has} clubs, as now</option>
            {Array.from({ length: Math.max(0, has - 4) }, (_, i) => has - 1 - i).map((number) => (
              <option key={number} value={number}>
                {number} clubs
              </option>
            ))}
          </Form.Select>
        </label>
        {wanted !== undefined && wanted < least && (
          <p role="status">
            {fewer.less.length > 0
              ? `${least} clubs are the fewest without too long a stretch that has no club.`
              : 'No club can be taken out without too long a stretch that has no club.'}
          </p>
        )}
        <ol className="less">
          {fewer.less.map((each, i) => {
            const left = has - 1 - i
            return (
              <li key={each.dropped} className={wanted !== undefined && left >= wanted ? 'chosen' : ''}>
                <b>{left} clubs</b>
                <span>{oneLessSentence(each, name, golfer, demand)}</span>
                <Button
                  size="sm"
                  variant="outline"
                  aria-label={`Show ${left} clubs on the ladder`}
                  onClick={() => onShow(dropsFor(fewer, left - putters))}
                >
                  Show
                </Button>
              </li>
            )
          })}
        </ol>
        <p className="quiet mb-0">{noFewerSentence(fewer, name, golfer)}</p>
      </div>
    </section>
  )
}
