'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useHotkeys } from 'react-hotkeys-hook'
import type { ClubId, ShotId } from '@/core/ids'
import type { Station } from '@/core/session/session'
import { MARKS, type Mark } from '@/core/shots/mark'
import { SWINGS } from '@/core/shots/shot'
import { PageHead } from '../shell/page-head'
import { Problems } from '../shell/problems'
import { clubNames, MARK_NAME, PLACE_NAME, stationName, swingName } from '../words/names'
import { count, len, plusMinus, side } from '../words/numbers'
import { BayAdvice } from './bay-advice'
import { BayPlan, progressOf } from './bay-plan'
import { BayStrip } from './bay-strip'
import type { BayView } from './bay-view'
import { HeldShots, slipOf } from './held-shots'
import { KeyList } from './key-list'
import { LastShot, MARK_KEY, type Judged } from './last-shot'
import { ShotEntry } from './shot-entry'
import { useBay } from './use-bay'
import './bay.css'

/** Hitting: one station open, each shot on the strip as it lands, everything by one key or one tap. */
export function Bay({ first }: { first: BayView }) {
  const router = useRouter()
  const bay = useBay(first)
  const { view } = bay
  const { golfer, bag, session, analysis } = view
  const { stocks } = analysis
  const input = useRef<HTMLInputElement>(null)
  const [chosen, setChosen] = useState<{ id: ShotId; among: number } | null>(null)
  const [keysShown, setKeysShown] = useState(false)

  const clubs = bag.clubs.filter((club) => club.kind !== 'putter')
  const open = session.open ?? lastStation(view) ?? { clubId: clubs.at(-1)?.id as ClubId, swing: 'full' }
  const club = [...bag.clubs, ...bag.rack].find((each) => each.id === open.clubId)
  const taken = view.shots.filter((shot) => shot.heldBecause === null)
  const here = taken.filter((shot) => shot.clubId === open.clubId && shot.swing === open.swing)
  const newest = here.at(-1)
  const shot = (chosen?.among === view.shots.length && here.find((each) => each.id === chosen.id)) || newest
  const numberOf = new Map(taken.map((each, i) => [each.id, i + 1]))
  const place = clubs.findIndex((each) => each.id === open.clubId)
  const nameOf = clubNames(bag)
  const neighbour = (by: 1 | -1) => clubs[(place + by + clubs.length) % clubs.length]
  const planned = progressOf(view)
  // With a plan the next station is the plan's: after the block in hand, or the block that lacks shots.
  const nextBlock =
    planned.left.find((block) => block.clubId !== open.clubId || block.swing !== open.swing) ?? null
  const next = nextBlock ? { id: nextBlock.clubId, name: nameOf(nextBlock.clubId) } : neighbour(-1)
  const goNext = () => goTo(next?.id, nextBlock?.swing ?? open.swing)

  // A session that is reopened has no station open yet: the monitor needs one.
  const { open: openNow } = bay
  const reopened = session.open === null
  useEffect(() => {
    if (reopened) void openNow({ clubId: open.clubId, swing: open.swing })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, [])

  const goTo = (clubId: ClubId | undefined, swing = open.swing) => {
    if (clubId) void bay.open({ clubId, swing })
    setChosen(null)
    input.current?.focus({ preventScroll: true })
  }
  const mark = (what: Mark | null) => {
    if (shot) void bay.mark(shot.id, what)
  }
  const swingAfter = SWINGS[(SWINGS.findIndex((each) => each === open.swing) + 1) % SWINGS.length]

  // Letters are commands while the entry is empty, and text as soon as something is typed in it.
  const typing = (event: KeyboardEvent) => {
    const { target } = event
    return (target instanceof HTMLInputElement && target.value !== '') || target instanceof HTMLSelectElement
  }
  const keys = { enableOnFormTags: true as const, preventDefault: true, ignoreEventWhen: typing }
  const byKey = new Map(MARKS.map((each) => [MARK_KEY[each].toLowerCase(), each]))
  useHotkeys([...byKey.keys()], (event) => mark(byKey.get(event.key.toLowerCase()) ?? null), keys)
  useHotkeys('n', goNext, keys)
  useHotkeys('up', () => goTo(neighbour(-1)?.id), keys)
  useHotkeys('p,down', () => goTo(neighbour(1)?.id), keys)
  useHotkeys('x', () => goTo(open.clubId, swingAfter), keys)
  useHotkeys('z', () => void bay.undo(), keys)
  useHotkeys('?', () => setKeysShown(true), { ...keys, useKey: true })

  const minutes = Math.max(
    0,
    Math.round(((view.shots.at(-1)?.hitMs ?? session.startedMs) - session.startedMs) / 60_000),
  )
  const end = async () => {
    const sent = await bay.end()
    if (sent.ok) router.push(`/golfers/${golfer.id}/sessions/${session.id}`)
    else bay.say(sent.problems)
  }

  return (
    <>
      <div className="bay-head">
        <PageHead
          title={`${club?.name ?? 'No club'}, ${swingName(open.swing)} swing`}
          lede={`${count(taken.length, 'shot')} ${session.place ? PLACE_NAME[session.place] : 'without a place'}, ${count(minutes, 'minute')} in`}
        >
          <Button variant="outline" onClick={() => setKeysShown(true)} className="key-hint">
            Keys<kbd>?</kbd>
          </Button>
          <Button variant="outline" onClick={end}>
            End the session
          </Button>
          <Button variant="outline" onClick={() => bay.undo()}>
            Undo<kbd>Z</kbd>
          </Button>
          <Button onClick={goNext}>
            Next club: {next?.name}
            <kbd>N</kbd>
          </Button>
        </PageHead>
      </div>
      <Problems of={bay.problems} />
      <div className="pick-station">
        <Form.Select
          value={open.clubId}
          onChange={(event) => goTo(event.target.value as ClubId)}
          aria-label="Club"
        >
          {clubs.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </Form.Select>
        <Form.Select
          value={open.swing}
          onChange={(event) => goTo(open.clubId, event.target.value)}
          aria-label="Swing"
        >
          {SWINGS.map((swing) => (
            <option key={swing} value={swing}>
              {swingName(swing)}
            </option>
          ))}
        </Form.Select>
        <Button onClick={goNext}>Next: {next?.name}</Button>
      </div>
      <div className="bay">
        <section className="sheet left" aria-label="Stations">
          <div className="swings" role="group" aria-label="Swing">
            {SWINGS.map((swing) => (
              <Button
                key={swing}
                size="sm"
                variant={swing === open.swing ? 'primary' : 'outline'}
                aria-pressed={swing === open.swing}
                onClick={() => goTo(open.clubId, swing)}
              >
                {{ full: 'Full', 'three-quarter': 'Three-q.', half: 'Half' }[swing]}
              </Button>
            ))}
          </div>
          <ul className="stations">
            {clubs.map((each) => {
              const stock = stocks.find((one) => one.clubId === each.id && one.swing === open.swing)
              const today = taken.filter((one) => one.clubId === each.id && one.swing === open.swing).length
              return (
                <li key={each.id}>
                  <button type="button" aria-pressed={each.id === open.clubId} onClick={() => goTo(each.id)}>
                    <span>{each.name}</span>
                    <span className="num">
                      {stock?.carryM === undefined || stock.lowM === undefined || stock.highM === undefined
                        ? ''
                        : `${len(stock.carryM, golfer)} ±${plusMinus(stock.lowM, stock.highM, golfer)}`}
                    </span>
                    <span className="num" title="shots today">
                      {today > 0 ? `${today}` : ''}
                      <span className="visually-hidden"> today</span>
                    </span>
                  </button>
                </li>
              )
            })}
          </ul>
        </section>
        <div className="middle">
          <BayPlan view={view} />
          <HeldShots view={view} bay={bay} />
          <BayStrip view={{ ...view, session: { ...session, open } }} newest={newest?.id} />
          <LastShot
            golfer={golfer}
            shot={shot}
            number={shot ? (numberOf.get(shot.id) ?? 0) : 0}
            judged={shot && judgedOf(view, shot.id)}
            name={nameOf}
            onMark={mark}
            onUndo={() => void bay.undo()}
          />
          <ShotEntry
            unit={golfer.lengthUnit}
            live={bay.live}
            input={input}
            waiting={bay.waiting}
            onShot={(typed) => bay.hit(open, { ...typed, held: slipOf(typed, view, open) !== null })}
          />
          <BayAdvice view={view} bay={bay} />
        </div>
        <section className="sheet right" aria-label="Shots at this station">
          <h2>Today at this station</h2>
          {here.length === 0 && (
            <p className="quiet p-3 mb-0">
              Shots with the {stationName(club, open.swing)} stand here, the newest first.
            </p>
          )}
          <ul className="shot-list">
            {here.toReversed().map((each) => {
              const judged = judgedOf(view, each.id)
              const what = each.mark ?? judged?.mark ?? 'solid'
              const out = what !== 'solid'
              return (
                <li key={each.id} data-shot={each.id}>
                  <button
                    type="button"
                    aria-pressed={each.id === shot?.id}
                    onClick={() => setChosen({ id: each.id, among: view.shots.length })}
                  >
                    <span className="quiet num">{numberOf.get(each.id)}</span>
                    <span className={`num ${out ? 'out' : ''}`}>
                      {each.carryM === null ? '–' : len(each.carryM, golfer, 1)}
                    </span>
                    <span className="quiet num">
                      {each.offlineM === undefined ? '' : side(each.offlineM, golfer)}
                    </span>
                    <span className={`mark-word ${out ? 'out' : ''}`}>
                      {MARK_NAME[what]}
                      {out && each.mark === null && '?'}
                    </span>
                  </button>
                </li>
              )
            })}
          </ul>
        </section>
      </div>
      <Button variant="outline" className="phone-only w-100" onClick={end}>
        End the session
      </Button>
      <p className="mt-3 mb-0">
        <Link href={`/golfers/${golfer.id}/gaps`}>See the gaps so far</Link>
      </p>
      <KeyList shown={keysShown} onHide={() => setKeysShown(false)} />
    </>
  )
}

/** What Banco takes a shot for; nothing while the server has not answered. */
function judgedOf({ analysis }: BayView, id: ShotId): Judged | undefined {
  const judged = analysis.shots.find((each) => each.shotId === id)
  const leftOut = analysis.stocks.flatMap((stock) => stock.leftOut).find((each) => each.shotId === id)
  return judged && { ...judged, ...(leftOut && { leftOut }) }
}

function lastStation({ shots, bag }: BayView): Station | null {
  const last = shots.findLast((shot) => bag.clubs.some((club) => club.id === shot.clubId))
  return last?.clubId ? { clubId: last.clubId, swing: last.swing } : null
}
