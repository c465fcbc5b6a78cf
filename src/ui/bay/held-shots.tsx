'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useHotkeys } from 'react-hotkeys-hook'
import type { ClubId } from '@/core/ids'
import type { Station } from '@/core/session/session'
import type { SessionShot } from '@/core/session/session-shot'
import { FULL_SWING } from '@/core/shots/shot'
import { typedSlip, type Slip } from '@/core/shots/typed-slip'
import { lengthIn, metresFrom } from '@/core/units'
import { HELD_NAME, stationName } from '@/words/names'
import { fixed, lenUnit } from '@/words/numbers'
import type { BayView } from './bay-view'
import type { BayActions } from './use-bay'

/** Shots that were read but wait for the golfer: kept, shown, in no stock. */
export function HeldShots({ view, bay }: { view: BayView; bay: BayActions }) {
  const held = view.shots.filter(
    ({ heldBecause }) => heldBecause !== null && heldBecause !== 'range-not-clear',
  )
  if (held.length === 0) return null
  return (
    <div role="region" aria-label="Held shots" className="d-grid gap-2">
      {held.slice(0, 4).map((shot, i) => (
        <Held key={shot.id} shot={shot} view={view} bay={bay} byKey={i === 0} />
      ))}
      {held.length > 4 && <p className="quiet mb-0">{held.length - 4} more shots are held.</p>}
    </div>
  )
}

type HeldProps = { shot: SessionShot; view: BayView; bay: BayActions; byKey: boolean }

/** The slip of the fingers that would explain a typed carry at its station; null where it is plausible. */
export function slipOf(
  { carryM }: { carryM: number | null },
  { golfer, analysis }: BayView,
  { clubId, swing }: Station,
): Slip | null {
  const next = analysis.stocks.find((stock) => stock.clubId === clubId && stock.swing === swing)?.foreseen
  if (!next || carryM === null) return null
  const others = analysis.stocks.flatMap(({ clubId: other, swing: its, foreseen, count }) =>
    other !== clubId && its === FULL_SWING && count > 0 && foreseen ? [foreseen] : [],
  )
  const carry = Math.round(lengthIn(carryM, golfer.lengthUnit) * 10) / 10
  return typedSlip(carry, golfer.lengthUnit, next, others)
}

/** A typed carry that one slip explains: what was meant, or what was typed. */
function SlipQuestion({ shot, slip, view, bay, byKey }: HeldProps & { slip: Slip }) {
  const { lengthUnit } = view.golfer
  const said = `${fixed(slip.proposal, 1)} ${lengthUnit}`
  const meant = async () => {
    if (!shot.clubId) return
    const station = { clubId: shot.clubId, swing: shot.swing }
    const carryM = metresFrom(slip.proposal, lengthUnit)
    const { offlineM } = shot
    if (await bay.hit(station, [{ carryM, ...(offlineM !== undefined && { offlineM }) }]))
      await bay.withdraw(shot.id)
  }
  const keep = () => void bay.release(shot.id)
  useHotkeys('y', () => void meant(), { ...ANSWERS, enabled: byKey })
  useHotkeys('k', keep, { ...ANSWERS, enabled: byKey })
  return (
    <>
      <Button onClick={meant}>
        It was {said}
        <kbd>Y</kbd>
      </Button>
      <Button variant="outline" onClick={keep}>
        Keep what I typed<kbd>K</kbd>
      </Button>
    </>
  )
}

/** Answers by key while nothing is typed. */
export const ANSWERS = {
  enableOnFormTags: true as const,
  preventDefault: true,
  ignoreEventWhen: ({ target }: KeyboardEvent) => target instanceof HTMLInputElement && target.value !== '',
}

const SLIP_NAME: Record<Slip['kind'], string> = {
  swapped: 'two digits swapped',
  'factor-ten': 'a point slipped',
  'missing-digit': 'a digit missing',
  'other-unit': 'the other unit',
  'wrong-digit': 'one digit wrong',
}

function Held({ shot, view, bay, byKey }: HeldProps) {
  const { golfer, bag, session } = view
  const [chosen, setChosen] = useState<string>(shot.clubId ?? session.open?.clubId ?? '')
  const clubs = [...bag.clubs, ...bag.rack]
  const name = (clubId: ClubId | null) => clubs.find((club) => club.id === clubId)
  const carry = shot.carryM === null ? 'without a carry' : `of ${lenUnit(shot.carryM, golfer, 1)}`
  const because = shot.heldBecause
  const typed = shot.source === 'typed' && because === 'implausible-carry'
  const open = session.open
  const slip = typed && shot.clubId ? slipOf(shot, view, { clubId: shot.clubId, swing: shot.swing }) : null
  const why = slip
    ? `far from your other shots; ${fixed(slip.proposal, 1)} with ${SLIP_NAME[slip.kind]}?`
    : typed
      ? 'far from your other shots'
      : because && HELD_NAME[because]
  return (
    <section className="sheet held" data-held={shot.id}>
      <b>A shot {carry} is held</b>: {why}
      {shot.clubLabel && because !== 'other-station' && ` (it says "${shot.clubLabel}")`}. It is in no stock
      until you decide.
      <div className="btns">
        {because === 'other-station' && open && shot.clubId ? (
          <>
            <Button
              onClick={async () => {
                const station = { clubId: shot.clubId as ClubId, swing: shot.swing }
                if (await bay.place(shot.id, station, false)) await bay.open(station)
              }}
            >
              It was the {stationName(name(shot.clubId), shot.swing)}: go there
            </Button>
            <Button variant="outline" onClick={() => bay.place(shot.id, open, false)}>
              It was the {stationName(name(open.clubId), open.swing)}
            </Button>
          </>
        ) : because === 'unknown-club' || because === 'no-station' || shot.clubId === null ? (
          <>
            <Form.Select
              value={chosen}
              onChange={(event) => setChosen(event.target.value)}
              aria-label="Which club was it?"
            >
              <option value="">Which club was it?</option>
              {clubs.map((club) => (
                <option key={club.id} value={club.id}>
                  {club.name}
                </option>
              ))}
            </Form.Select>
            <Button
              disabled={chosen === ''}
              onClick={() =>
                bay.place(shot.id, { clubId: chosen as ClubId, swing: shot.swing }, shot.clubLabel !== null)
              }
            >
              {shot.clubLabel ? `"${shot.clubLabel}" is this club` : 'Take it with this club'}
            </Button>
          </>
        ) : slip ? (
          <SlipQuestion shot={shot} slip={slip} view={view} bay={bay} byKey={byKey} />
        ) : (
          <Button onClick={() => bay.release(shot.id)}>Take it as it is</Button>
        )}
        <Button variant="outline" onClick={() => bay.withdraw(shot.id)}>
          Leave it out for good
        </Button>
      </div>
    </section>
  )
}
