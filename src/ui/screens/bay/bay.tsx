'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useHotkeys } from 'react-hotkeys-hook'
import type { ClubId, ShotId } from '@/core/ids'
import { planOpens, shotsSinceRest } from '@/core/session/plan'
import { clearLapsed } from '@/core/session/range-clear'
import { type Station, isOf } from '@/core/station'
import { MARKS, type Mark } from '@/core/shots/mark'
import { sample } from '@/core/math/sample'
import { send } from '../../shared/send'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { clubNames, PLACE_NAME, stationName, swingName } from '@/text/names'
import { count, lenUnit } from '@/text/numbers'
import { BayAdvice } from './bay-advice'
import { BayNow, turnedWind } from './bay-now'
import { BayPlan, progressOf } from './bay-plan'
import { BayStrip } from './bay-strip'
import type { BayView } from '@/views/bay-view'
import { lastClearMs } from '@/core/session/range-clear'
import { HeldShots, slipOf } from './held-shots'
import { KeyList } from './key-list'
import { LastShot, MARK_KEY, type Judged } from './last-shot'
import { MoveShot } from './move-shot'
import { RangeClear } from './range-clear'
import { RestTimer } from './rest-timer'
import { ReceivingLine } from './receiving'
import { ShotEntry } from './shot-entry'
import { ShotHistory } from './shot-history'
import { ShotList } from './shot-list'
import { StationList } from './station-list'
import { Redo, UndoButton } from './undo'
import { useBay } from './use-bay'
import { useNow } from '../../shared/use-now'
import './bay.css'

/** Hitting: one station open, each shot on the strip as it lands, everything by one key or one tap. */
export function Bay({ first }: { first: BayView }) {
  const router = useRouter()
  const bay = useBay(first)
  const { view } = bay
  const { golfer, bag, session } = view
  const input = useRef<HTMLInputElement>(null)
  const [chosen, setChosen] = useState<{ id: ShotId; among: number } | null>(null)
  const [followed, setFollowed] = useState<{ last: ShotId | undefined } | null>(null)
  const [shown, setShown] = useState<'keys' | 'history' | null>(null)
  const [rest, setRest] = useState<{ untilMs: number; among: number } | null>(null)
  const now = useNow(2000)

  const clubs = bag.clubs.filter((club) => club.kind !== 'putter')
  const open = session.open ?? lastStation(view) ?? { clubId: clubs.at(-1)?.id as ClubId, swing: 'full' }
  const clubOf = (id: ClubId | null) => [...bag.clubs, ...bag.rack].find((each) => each.id === id)
  const club = clubOf(open.clubId)
  const taken = view.shots.filter((shot) => shot.heldBecause === null)
  const warmUps = taken.filter(({ conditions }) => conditions.warmUp)
  const here = taken.filter(isOf(open))
  const listed = view.now.warmUp ? warmUps : here
  // The shot that ended a block stays in hand while the plan opens the next station.
  const carriedOver = !view.now.warmUp && followed?.last === taken.at(-1)?.id ? taken.at(-1) : undefined
  const newest = carriedOver ?? listed.at(-1)
  const shot = (chosen?.among === view.shots.length && listed.find(({ id }) => id === chosen.id)) || newest
  const numberOf = new Map(taken.map((each, i) => [each.id, i + 1]))
  const place = clubs.findIndex((each) => each.id === open.clubId)
  const nameOf = clubNames(bag)
  const neighbour = (by: 1 | -1) => clubs[(place + by + clubs.length) % clubs.length]
  const planned = progressOf(view)
  // With a plan the next station is the plan's: after the block in hand, or the block that lacks shots.
  const nextBlock =
    planned.left.find((block) => block.clubId !== open.clubId || block.swing !== open.swing) ?? null
  const longer = neighbour(-1)
  const next: Station | null = nextBlock ?? (longer ? { clubId: longer.id, swing: open.swing } : null)
  // Where the plan has opened its next station already, next is that one: whoever asks for it is there.
  const nextIs = carriedOver ? open : next
  const nextName = nextIs ? stationName({ name: nameOf(nextIs.clubId) }, nextIs.swing) : ''
  const goNext = () => goTo(nextIs?.clubId, nextIs?.swing)
  const hurt = session.hurtMs !== null
  const unclear = !hurt && now !== null && clearLapsed(lastClearMs(view), now)

  // A session that is reopened has no station open yet: the monitor needs one. One that hurt stays shut.
  const { open: openNow } = bay
  const fromFile = view.shots.length > 0 && view.shots.every(({ source }) => source === 'file')
  const reopened = session.open === null && !hurt && !fromFile
  useEffect(() => {
    if (reopened) void openNow({ clubId: open.clubId, swing: open.swing })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, [])

  // The plan opens its next station as soon as a block is hit; where the golfer went elsewhere it waits.
  const inHand = { block: planned.block ?? null, taken: taken.length }
  const inHandBefore = useRef(inHand)
  useEffect(() => {
    const opens = planOpens(inHandBefore.current, inHand, session.open)
    inHandBefore.current = inHand
    if (!opens || !golfer.followPlan || hurt || view.now.warmUp) return
    setFollowed({ last: taken.at(-1)?.id })
    void openNow({ clubId: opens.clubId, swing: opens.swing })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- when the block in hand changes, and then alone
  }, [planned.block?.clubId, planned.block?.swing])

  const goTo = (clubId: ClubId | undefined, swing = open.swing) => {
    setFollowed(null)
    if (clubId) void bay.open({ clubId, swing })
    setChosen(null)
    input.current?.focus({ preventScroll: true })
  }
  const mark = (what: Mark | null) => {
    if (shot) void bay.mark(shot.id, what)
  }
  const undo = async () => {
    setFollowed(null)
    await bay.undo()
  }
  const clear = () => {
    void bay.clear()
    input.current?.focus({ preventScroll: true })
  }
  const restNow = () => setRest({ untilMs: Date.now() + session.restS * 1000, among: view.shots.length })
  const restOver = useCallback(() => setRest(null), [])
  const resting = rest?.among === view.shots.length ? rest : null
  const restDue =
    session.restEvery > 0 &&
    !resting &&
    planned.left.length > 0 &&
    shotsSinceRest(taken, session.restS) >= session.restEvery
  const swingAfter = golfer.swings[(golfer.swings.indexOf(open.swing) + 1) % golfer.swings.length]

  // Letters are commands while the entry is empty, and text as soon as something is typed in it.
  const typing = (event: KeyboardEvent) => {
    const { target } = event
    return (target instanceof HTMLInputElement && target.value !== '') || target instanceof HTMLSelectElement
  }
  const keys = {
    enableOnFormTags: true as const,
    preventDefault: true,
    ignoreEventWhen: typing,
    enabled: shown === null,
  }
  const byKey = new Map(MARKS.map((each) => [MARK_KEY[each].toLowerCase(), each]))
  useHotkeys([...byKey.keys()], (event) => mark(byKey.get(event.key.toLowerCase()) ?? null), keys)
  useHotkeys('n', goNext, keys)
  useHotkeys('up', () => goTo(neighbour(-1)?.id), keys)
  useHotkeys('p,down', () => goTo(neighbour(1)?.id), keys)
  useHotkeys('x', () => goTo(open.clubId, swingAfter), keys)
  useHotkeys('z', () => void undo(), keys)
  useHotkeys('shift+z', () => void bay.redo(), keys)
  useHotkeys('u', () => void bay.warmUp(!view.now.warmUp), keys)
  useHotkeys('g', () => void bay.air(turnedWind(view.now)), keys)
  useHotkeys('r', restNow, keys)
  useHotkeys('h', () => shot && setShown('history'), keys)
  useHotkeys('?', () => setShown('keys'), { ...keys, useKey: true })

  // A carry may be typed whatever was tapped before.
  useEffect(() => {
    const toEntry = ({ key, target, ctrlKey, metaKey, altKey }: KeyboardEvent) => {
      const elsewhere = target instanceof HTMLElement && target.closest('input, select, textarea, .modal')
      if (/^\d$/.test(key) && !elsewhere && !ctrlKey && !metaKey && !altKey) input.current?.focus()
    }
    addEventListener('keydown', toEntry)
    return () => removeEventListener('keydown', toEntry)
  }, [])

  const minutes = Math.max(
    0,
    Math.round(((view.shots.at(-1)?.hitMs ?? session.startedMs) - session.startedMs) / 60_000),
  )
  const leave = async (sending: ReturnType<typeof bay.end>) => {
    const sent = await sending
    if (sent.ok) router.push(`/golfers/${golfer.id}/sessions/${session.id}`)
    else bay.say(sent.problems)
  }
  const end = () => leave(bay.end())
  const expectation =
    golfer.askExpectation && !view.now.warmUp && here.length === 0 && !expected(view, open)
      ? {
          of: stationName(club, open.swing),
          onSay: (carryM: number) => void bay.expect(open, carryM),
          onNever: async () => {
            await send('PATCH', `/api/golfers/${golfer.id}`, { askExpectation: false })
            bay.read()
          },
        }
      : undefined

  return (
    <>
      <div className="bay-head">
        <PageHead
          title={`${club?.name ?? 'No club'}, ${swingName(open.swing)} swing`}
          lede={`${count(taken.length, 'shot')} ${session.place ? PLACE_NAME[session.place] : 'without a place'}, ${count(minutes, 'minute')} in`}
        >
          <Button variant="outline" onClick={() => setShown('keys')} className="key-hint">
            Keys<kbd>?</kbd>
          </Button>
          <Button variant="outline" onClick={end}>
            End the session
          </Button>
          <UndoButton view={view} onUndo={undo} />
          <Button onClick={goNext} disabled={!nextIs}>
            Next: {nextName}
            <kbd>N</kbd>
          </Button>
        </PageHead>
      </div>
      <Problems of={bay.problems} />
      <Redo view={view} onRedo={() => void bay.redo()} />
      {hurt && (
        <section className="sheet held mb-2">
          <b>You stopped this session since something hurt.</b> Marks can be mended here; new balls wait for
          another day.
        </section>
      )}
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
          {golfer.swings.map((swing) => (
            <option key={swing} value={swing}>
              {swingName(swing)}
            </option>
          ))}
        </Form.Select>
        <Button onClick={goNext} disabled={!nextIs}>
          Next: {nextName}
        </Button>
      </div>
      <div className="bay">
        <div className="left-column">
          <StationList view={view} clubs={clubs} open={open} onOpen={goTo} />
          {!hurt && <BayNow view={view} bay={bay} onRest={restNow} onHurt={() => leave(bay.hurt(true))} />}
        </div>
        <div className="middle">
          {unclear && <RangeClear view={view} onClear={clear} />}
          {resting && <RestTimer untilMs={resting.untilMs} onOver={restOver} />}
          <BayPlan view={view} open={open} onOpen={goTo} onRest={restDue ? restNow : null} />
          <ReceivingLine view={view} bay={bay} />
          <HeldShots view={view} bay={bay} />
          <BayStrip view={{ ...view, session: { ...session, open } }} newest={newest?.id} />
          <LastShot
            golfer={golfer}
            shot={shot}
            number={shot ? (numberOf.get(shot.id) ?? 0) : 0}
            judged={shot && judgedOf(view, shot.id)}
            name={nameOf}
            onMark={mark}
            station={
              shot && (shot.clubId !== open.clubId || shot.swing !== open.swing)
                ? stationName(clubOf(shot.clubId), shot.swing)
                : ''
            }
            undo={<UndoButton view={view} onUndo={undo} onPhone />}
            onHistory={() => setShown('history')}
          >
            {shot?.mark === 'other-club' && (
              <MoveShot
                key={shot.id}
                view={view}
                bay={bay}
                shot={shot}
                after={taken
                  .filter(
                    ({ seq, clubId, swing }) =>
                      seq > shot.seq && clubId === shot.clubId && swing === shot.swing,
                  )
                  .map(({ id }) => id)}
                other={judgedOf(view, shot.id)?.other}
              />
            )}
          </LastShot>
          {!hurt && (
            <ShotEntry
              unit={golfer.lengthUnit}
              input={input}
              waiting={bay.waiting}
              expectation={expectation}
              onClear={unclear ? clear : null}
              onShots={(typed) =>
                bay.hit(
                  open,
                  typed.map((each) => ({ ...each, held: slipOf(each, view, open) !== null })),
                )
              }
            />
          )}
          <BayAdvice view={view} bay={bay} onRest={restNow} />
        </div>
        <ShotList
          view={view}
          title={view.now.warmUp ? warmUpTitle(view, warmUps) : 'Today at this station'}
          shots={listed}
          station={stationName(club, open.swing)}
          chosen={shot?.id}
          numberOf={numberOf}
          judgedOf={(id) => judgedOf(view, id)}
          onChoose={(id) => setChosen({ id, among: view.shots.length })}
        />
      </div>
      <Button variant="outline" className="phone-only w-100" onClick={end}>
        End the session
      </Button>
      <p className="mt-3 mb-0">
        <Link href={`/golfers/${golfer.id}/gaps`}>See the gaps so far</Link> ·{' '}
        <Link href={`/golfers/${golfer.id}/sessions/${session.id}`}>See the session and its set-up</Link>
      </p>
      <KeyList shown={shown === 'keys'} onHide={() => setShown(null)} />
      {shown === 'history' && shot && (
        <ShotHistory
          view={view}
          bay={bay}
          shot={shot}
          number={numberOf.get(shot.id) ?? 0}
          onHide={() => setShown(null)}
        />
      )}
    </>
  )
}

/** What Banco takes a shot for; nothing while the server has not answered. */
function judgedOf({ analysis }: BayView, id: ShotId): Judged | undefined {
  const judged = analysis.shots.find((each) => each.shotId === id)
  const leftOut = analysis.stocks.flatMap((stock) => stock.leftOut).find((each) => each.shotId === id)
  return judged && { ...judged, ...(leftOut && { leftOut }) }
}

const expected = ({ expectations }: BayView, { clubId, swing }: Station): boolean =>
  expectations.some(isOf({ clubId, swing }))

/** "Warm-up: 6 shots, mean 118.7 yd, in no stock". */
function warmUpTitle({ golfer }: BayView, warmUps: readonly BayView['shots'][number][]): string {
  const carries = warmUps.flatMap(({ carryM }) => carryM ?? [])
  const mean = carries.length > 0 ? `, mean ${lenUnit(sample(carries).mean, golfer, 1)}` : ''
  return `Warm-up: ${count(warmUps.length, 'shot')}${mean}, in no stock`
}

function lastStation({ shots, bag }: BayView): Station | null {
  const last = shots.findLast((shot) => bag.clubs.some((club) => club.id === shot.clubId))
  return last?.clubId ? { clubId: last.clubId, swing: last.swing } : null
}
