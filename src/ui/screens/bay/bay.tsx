'use client'

import { allClubs } from '@/core/bag/bag'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { swingFor, swingsWith } from '@/core/bag/club'
import type { ClubId, ShotId } from '@/core/model/ids'
import { planOpens, shotsSinceRest } from '@/core/session/plan'
import { clearLapsed } from '@/core/session/range-clear'
import { type Station, isOf } from '@/core/model/station'
import type { SessionShot } from '@/core/session/session-shot'
import type { Mark } from '@/core/model/mark'
import { sample } from '@/core/math/sample'
import type { Doubt } from '@/core/shots/typed-slip'
import { send } from '../../shared/send'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { choicesIn, clubNames, MARK_NAME, PLACE_NAME, stationName, swingName } from '@/text/names'
import { count, fixed, lenUnit } from '@/text/numbers'
import { BayAdvice } from './bay-advice'
import { BallTurn } from './ball-now'
import { BayNow, turnedWind } from './bay-now'
import { BayPlan } from './bay-plan'
import { BayStrip } from './bay-strip'
import type { BayView } from '@/views/bay-view'
import { correct, doubtAt, HeldShots } from './held-shots'
import { CommandButton, CommandKeys, type CommandActions } from './command-key'
import { KeyList } from './key-list'
import { inHand, NO_CHOICE } from './in-hand'
import { LastShot, type Judged } from './last-shot'
import { MoveShot } from './move-shot'
import { RangeClear, waitForClear } from './range-clear'
import { RestTimer } from './rest-timer'
import { ReceivingLine } from './receiving'
import { ShotEntry } from './shot-entry'
import { ShotHistory } from './shot-history'
import { ShotList } from './shot-list'
import { StationList } from './station-list'
import { Stopped } from './stopped'
import { Redo, UndoButton } from './undo'
import { useBay } from './use-bay'
import { useNow } from '../../shared/use-now'
import { BAY } from './screen'

/** Hitting: one station open, each shot on the strip as it lands, everything by one key or one tap. */
export function Bay({ first }: { first: BayView }) {
  const router = useRouter()
  const bay = useBay(first)
  const { view } = bay
  const { golfer, bag, session } = view
  const input = useRef<HTMLInputElement>(null)
  const [choice, choose] = useState(NO_CHOICE)
  const [shown, setShown] = useState<'keys' | 'history' | null>(null)
  const [rest, setRest] = useState<{ untilMs: number; among: number } | null>(null)
  /** What was open, and what undo would have taken back, when the golfer stopped on this page. */
  const [stop, setStop] = useState<{ station: Station; batch: string | undefined } | null>(null)
  const now = useNow(2000)

  const hand = inHand(view, choice)
  const { clubs, open, taken, warmUps, here, shown: inList, newest, shot, planned, next } = hand
  const clubOf = (id: ClubId) => allClubs(bag).find((each) => each.id === id)
  const numberOf = new Map(taken.map((each, i) => [each.id, i + 1]))
  const nameOf = clubNames(bag)
  const openName = stationName(nameOf(open.clubId), open.swing)
  const nextName = next ? stationName(nameOf(next.clubId), next.swing) : ''
  const gaps = `/golfers/${golfer.id}/gaps`
  const planDone = view.plan.length > 0 && planned.block === undefined
  const injuryStop = session.injuryStopMs !== null
  // Forgotten with the next shot: only the newest one offers another reading.
  const offered =
    shot && shot === newest && shot.source === 'typed' && shot.mark === null
      ? (doubtAt(shot, view, open)?.slip ?? null)
      : null
  const waitsForClear = waitForClear(view).length > 0
  const unclear = waitsForClear || (!injuryStop && now !== null && clearLapsed(view.lastClearMs, now))

  // A session that is reopened has no station open yet: the monitor needs one. One that hurt stays shut.
  const { open: openNow } = bay
  const fromFile = view.shots.length > 0 && view.shots.every(({ source }) => source === 'file')
  const reopened = session.open === null && !injuryStop && !fromFile
  useEffect(() => {
    if (reopened) bay.openFirst({ clubId: open.clubId, swing: open.swing })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the page opens
  }, [])

  // The plan opens its next station as soon as a block is hit; where the golfer went elsewhere it waits.
  const block = { block: planned.block ?? null, taken: planned.counted }
  const blockBefore = useRef(block)
  useEffect(() => {
    const opens = planOpens(blockBefore.current, block, session.open)
    blockBefore.current = block
    if (!opens || !golfer.followPlan || injuryStop || view.now.warmUp) return
    choose((before) => ({ ...before, followed: { last: taken.at(-1)?.id } }))
    void openNow({ clubId: opens.clubId, swing: opens.swing })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- when the block in hand changes, and then alone
  }, [planned.block?.clubId, planned.block?.swing])

  const goTo = (clubId: ClubId | undefined, swing = open.swing) => {
    choose(NO_CHOICE)
    if (clubId) void bay.open({ clubId, swing: swingFor(clubOf(clubId), swing) })
    input.current?.focus({ preventScroll: true })
  }
  const goNext = () => goTo(next?.clubId, next?.swing)
  const mark = (what: Mark | null) => {
    if (shot) void bay.mark(shot.id, what)
  }
  const goOn = () => {
    setStop(null)
    void bay.continueAt(stop?.station ?? open)
  }
  const stopNow = () => {
    setStop({ station: open, batch: view.undo?.batch })
    setRest(null)
    void bay.stop()
  }
  /** The stop was the last act. */
  const undoesStop = injuryStop && stop !== null && stop.batch === view.undo?.batch
  const undo = async () => {
    if (undoesStop) return goOn()
    choose((before) => ({ ...before, followed: null }))
    await bay.undo()
  }
  const clear = () => {
    void bay.clear()
    input.current?.focus({ preventScroll: true })
  }
  const restNow = () => setRest({ untilMs: inSeconds(session.restS), among: view.shots.length })
  const restOver = useCallback(() => setRest(null), [])
  const resting = rest?.among === view.shots.length ? rest : null
  const restDue =
    session.restEvery > 0 &&
    !resting &&
    planned.left.length > 0 &&
    shotsSinceRest(taken, session.restS) >= session.restEvery
  const openClub = clubOf(open.clubId)
  const swings = openClub ? swingsWith(openClub, golfer.swings) : golfer.swings
  const swingAfter = swings[(swings.indexOf(open.swing) + 1) % swings.length]

  const actions: CommandActions = {
    ...Object.fromEntries(choicesIn(MARK_NAME).map(([each]) => [each, () => mark(each)])),
    next: goNext,
    longer: () => goTo(hand.longer),
    shorter: () => goTo(hand.shorter),
    swing: () => goTo(open.clubId, swingAfter),
    undo: () => void undo(),
    redo: () => void bay.redo(),
    warmUp: () => void bay.warmUp(!view.now.warmUp),
    wind: () => void bay.air(turnedWind(view.now)),
    rest: restNow,
    ...(shot && { history: () => setShown('history') }),
    keys: () => setShown('keys'),
  }

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
  const end = async () => {
    const sent = await bay.end()
    if (sent.ok) router.push(`/golfers/${golfer.id}/sessions/${session.id}`)
    else bay.say(sent.problems)
  }
  const expectation =
    golfer.askExpectation &&
    !view.now.warmUp &&
    here.every(({ conditions }) => conditions.warmUp) &&
    !expected(view, open)
      ? {
          of: openName,
          onSay: (carryM: number) => void bay.expect(open, carryM),
          onNever: async () => {
            await send('PATCH', `/api/golfers/${golfer.id}`, { askExpectation: false })
            bay.read()
          },
        }
      : undefined

  return (
    <div className={BAY}>
      <CommandKeys of={actions} enabled={shown === null} />
      <div className="bay-head">
        <PageHead
          title={`${nameOf(open.clubId) || 'No club'}, ${swingName(open.swing)} swing`}
          lede={`${count(taken.length, 'shot')} ${session.place ? PLACE_NAME[session.place] : 'without a place'}, ${count(minutes, 'minute')} in`}
        >
          <CommandButton id="keys" variant="outline" onClick={actions.keys} className="key-hint">
            Keys
          </CommandButton>
          <Button variant="outline" onClick={end}>
            End the session
          </Button>
          <UndoButton view={view} onUndo={undo} stop={undoesStop} />
          {planDone ? (
            <Link className="btn btn-primary" href={gaps}>
              See gaps
            </Link>
          ) : (
            <CommandButton id="next" onClick={goNext} disabled={!next || injuryStop}>
              Next: {nextName}
            </CommandButton>
          )}
        </PageHead>
      </div>
      <Problems of={bay.problems} />
      <Redo view={view} onRedo={() => void bay.redo()} />
      {injuryStop && <Stopped view={view} nowMs={now} onContinue={goOn} />}
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
          {swings.map((swing) => (
            <option key={swing} value={swing}>
              {swingName(swing)}
            </option>
          ))}
        </Form.Select>
        {planDone ? (
          <Link className="btn btn-primary" href={gaps}>
            See gaps
          </Link>
        ) : (
          <Button onClick={goNext} disabled={!next || injuryStop}>
            <span className="words">Next: {nextName}</span>
          </Button>
        )}
      </div>
      <div className="bay">
        <div className="left-column">
          <StationList view={view} clubs={clubs} open={open} onOpen={goTo} />
          {!injuryStop && <BayNow view={view} bay={bay} actions={actions} />}
          {!injuryStop && (
            <Button variant="outline" className="hurts" onClick={stopNow}>
              Something hurts
            </Button>
          )}
        </div>
        <div className="middle">
          {unclear && <RangeClear view={view} over={injuryStop} onClear={clear} />}
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
            station={shot && !isOf(open)(shot) ? stationName(nameOf(shot.clubId), shot.swing) : ''}
            undo={<UndoButton view={view} onUndo={undo} stop={undoesStop} onPhone />}
            onHistory={() => setShown('history')}
          >
            {shot && offered && (
              <Button variant="link" className="p-0" onClick={() => void correct(shot, offered, view, bay)}>
                Meant {fixed(offered.proposal, 1)}?
              </Button>
            )}
            {shot?.mark === 'other-club' && (
              <MoveShot
                key={shot.id}
                view={view}
                bay={bay}
                shot={shot}
                after={afterAtItsStation(taken, shot)}
                other={judgedOf(view, shot.id)?.other}
              />
            )}
          </LastShot>
          {!injuryStop && <BallTurn view={view} bay={bay} />}
          {!injuryStop && (
            <ShotEntry
              unit={golfer.lengthUnit}
              input={input}
              waiting={bay.waiting}
              expectation={expectation}
              onClear={unclear ? clear : null}
              onShots={(typed) =>
                bay.hit(
                  open,
                  typed.map((each) => ({ ...each, held: isInDoubt(doubtAt(each, view, open)) })),
                )
              }
            />
          )}
          <BayAdvice view={view} bay={bay} onRest={restNow} />
        </div>
        <ShotList
          view={view}
          title={view.now.warmUp ? warmUpTitle(view, warmUps) : 'Today with this club'}
          shots={inList}
          station={openName}
          chosen={shot?.id}
          numberOf={numberOf}
          judgedOf={(id) => judgedOf(view, id)}
          onChoose={(id) => choose({ ...choice, shot: { id, among: view.shots.length } })}
        />
      </div>
      <Button variant="outline" className="phone-only w-100" onClick={end}>
        End the session
      </Button>
      <p className="mt-3 mb-0">
        <Link href={gaps}>See the gaps so far</Link> ·{' '}
        <Link href={`/golfers/${golfer.id}/sessions/${session.id}`}>See the session and its conditions</Link>
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
    </div>
  )
}

/** No strike explains it: it waits for the golfer before it counts. */
const isInDoubt = (doubt: Doubt | null): boolean => doubt !== null && doubt.is !== 'short'

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
  return `Warm-up: ${count(warmUps.length, 'shot')}${mean}, not counted`
}

const inSeconds = (seconds: number): number => Date.now() + seconds * 1000

/** The shots of a shot's station that came after it. */
const afterAtItsStation = (taken: readonly SessionShot[], { seq, clubId, swing }: SessionShot): ShotId[] =>
  taken.filter((each) => each.seq > seq && each.clubId === clubId && each.swing === swing).map(({ id }) => id)
