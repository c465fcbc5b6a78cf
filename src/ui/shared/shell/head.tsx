'use client'

import { BookOpen, Check, Ruler, Settings2, UserPlus } from 'lucide-react'
import Link, { useLinkStatus } from 'next/link'
import { usePathname, useRouter } from 'next/navigation'
import Dropdown from 'react-bootstrap/Dropdown'
import type { Golfer } from '@/core/model/golfer'
import { send } from '../send'
import { UNIT_NAME } from '@/text/numbers'

const PLACES = [
  ['bag', 'Bag'],
  ['bay', 'Bay'],
  ['stock', 'Stock'],
  ['gaps', 'Gaps'],
  ['wedges', 'Wedges'],
  ['refit', 'Fix gaps'],
  ['course', 'Course'],
  ['log', 'Log'],
] as const
/** Pages that are no place of their own. */
const PART_OF: Record<string, string> = {
  compare: 'log',
  history: 'log',
  practice: 'log',
  sessions: 'log',
  import: 'log',
  rounds: 'log',
  monitors: 'log',
  number: 'course',
  visits: 'desk',
}
const ON_PHONE = new Set(['bay', 'gaps', 'course'])

/** The page that is left stays until the next one is worked out; the place that was chosen says that it is. */
function UnderWay() {
  const { pending } = useLinkStatus()
  return <span aria-hidden className={pending ? 'under-way pending' : 'under-way'} />
}

type Props = {
  golfer: Golfer
  golfers: Golfer[]
  bag: string
  /** There is a desk from which this golfer is looked after. */
  desk: boolean
}

/** The work in its order along a ruler; on a phone a bar at the bottom. */
export function Head({ golfer, golfers, bag, desk }: Props) {
  const path = usePathname()
  const router = useRouter()
  const home = `/golfers/${golfer.id}`
  const [page = ''] = path.slice(home.length + 1).split('/')
  const tab = PART_OF[page] ?? page
  const current = (key: string) => (tab === key ? { 'aria-current': 'page' as const } : {})
  const otherUnits =
    golfer.lengthUnit === 'yd'
      ? ({ lengthUnit: 'm', speedUnit: 'km/h' } as const)
      : ({ lengthUnit: 'yd', speedUnit: 'mph' } as const)
  const switchUnits = async () => {
    await send('PATCH', `/api${home}`, otherUnits)
    router.refresh()
  }
  return (
    <>
      <header className="head">
        <Link href="/" className="name">
          Banco
        </Link>
        <nav aria-label="The work in its order">
          {PLACES.map(([key, name]) => (
            <Link key={key} href={`${home}/${key}`} {...current(key)}>
              {name}
              <UnderWay />
            </Link>
          ))}
          {desk && (
            <Link href="/desk" className="to-desk" {...current('desk')}>
              Desk
              <UnderWay />
            </Link>
          )}
        </nav>
        <div className="who">
          <Dropdown align="end">
            <Dropdown.Toggle variant="" id="golfer-switch">
              <b>{golfer.name}</b>
              <small>{bag}</small>
            </Dropdown.Toggle>
            <Dropdown.Menu>
              {golfers.map((each) => (
                <Dropdown.Item
                  key={each.id}
                  as={Link}
                  href={`/golfers/${each.id}/${PLACES.some(([key]) => key === tab) ? tab : 'bag'}`}
                >
                  {each.id === golfer.id ? (
                    <Check size={15} aria-label="now" />
                  ) : (
                    <span className="d-inline-block" style={{ width: 15 }} />
                  )}{' '}
                  {each.name}
                </Dropdown.Item>
              ))}
              <Dropdown.Divider />
              <Dropdown.Item as={Link} href={home}>
                <Settings2 size={15} aria-hidden /> Golfer
              </Dropdown.Item>
              <Dropdown.Item as="button" onClick={switchUnits}>
                <Ruler size={15} aria-hidden /> Numbers in {UNIT_NAME[golfer.lengthUnit]}: switch to{' '}
                {UNIT_NAME[otherUnits.lengthUnit]}
              </Dropdown.Item>
              <Dropdown.Item as={Link} href="/guide">
                <BookOpen size={15} aria-hidden /> Guide
              </Dropdown.Item>
              <Dropdown.Item as={Link} href="/golfers/new">
                <UserPlus size={15} aria-hidden /> New golfer
              </Dropdown.Item>
            </Dropdown.Menu>
          </Dropdown>
        </div>
      </header>
      <nav className="foot" aria-label="Places">
        {PLACES.filter(([key]) => ON_PHONE.has(key)).map(([key, name]) => (
          <Link key={key} href={`${home}/${key}`} {...current(key)}>
            {name}
            <UnderWay />
          </Link>
        ))}
        <Dropdown drop="up" align="end">
          <Dropdown.Toggle variant="" id="more">
            More
          </Dropdown.Toggle>
          <Dropdown.Menu>
            {PLACES.filter(([key]) => !ON_PHONE.has(key)).map(([key, name]) => (
              <Dropdown.Item key={key} as={Link} href={`${home}/${key}`}>
                {name}
              </Dropdown.Item>
            ))}
            <Dropdown.Item as={Link} href={home}>
              Golfer
            </Dropdown.Item>
            <Dropdown.Item as={Link} href="/guide">
              Guide
            </Dropdown.Item>
            {desk && (
              <Dropdown.Item as={Link} href="/desk">
                Desk
              </Dropdown.Item>
            )}
          </Dropdown.Menu>
        </Dropdown>
      </nav>
    </>
  )
}
