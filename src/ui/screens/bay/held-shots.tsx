'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { ClubId } from '@/core/model/ids'
import { type Station, atStation, isOf } from '@/core/model/station'
import type { SessionShot } from '@/core/session/session-shot'
import { waitsForItsClub } from '@/core/model/held-reason'
import { doubtOf, type Doubt, type Slip } from '@/core/shots/typed-slip'
import { clubNames, HELD_NAME, stationName } from '@/text/names'
import { count, fixed, len, lenUnit } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import { CommandButton, CommandKeys } from './command-key'
import { StationSelect } from './station-select'
import type { BayActions } from './use-bay'
import { measuresOf } from '../../shared/form/measure'

/**
 * Shots that do not count until the golfer has answered, each with its club. One card for all of one reason.
 * @param over the session is not hit in any more: an answer opens no club
 */
export function HeldShots({ view, bay, over = false }: { view: BayView; bay: BayActions; over?: boolean }) {
  const groups = groupsOf(view)
  if (groups.length === 0) return null
  return (
    <div role="region" aria-label="Shots that need checking" className="d-grid gap-2">
      {groups.slice(0, MOST_CARDS).map(({ key, shots }, i) => (
        <Held key={key} shots={shots} view={view} bay={bay} byKey={i === 0} over={over} />
      ))}
      {groups.length > MOST_CARDS && (
        <p className="quiet mb-0">
          {groups.slice(MOST_CARDS).reduce((sum, { shots }) => sum + shots.length, 0)} more shots need
          checking.
        </p>
      )}
    </div>
  )
}
const MOST_CARDS = 3

type Group = { key: string; shots: [SessionShot, ...SessionShot[]] }

/** Held shots by their reason and by what they say of their station; a slip of the fingers is one shot's own. */
function groupsOf(view: BayView): Group[] {
  const groups = new Map<string, Group>()
  for (const shot of view.shots) {
    const { heldBecause, clubLabel, clubId, swing, source, id, monitor } = shot
    if (heldBecause === null || heldBecause === 'range-not-clear') continue
    const own = heldBecause === 'implausible-carry' && source === 'typed' ? id : ''
    const second = heldBecause === 'second-monitor' ? monitor : ''
    const key = second
      ? [heldBecause, second].join('\n')
      : [heldBecause, clubLabel?.toLowerCase(), clubId, swing, own].join('\n')
    const group = groups.get(key)
    if (group) group.shots.push(shot)
    else groups.set(key, { key, shots: [shot] })
  }
  return [...groups.values()]
}

type HeldProps = { shots: Group['shots']; view: BayView; bay: BayActions; byKey: boolean; over: boolean }

/** What is odd about a typed carry at its station; null where it is plausible. */
export function doubtAt(
  { carryM }: { carryM: number | null },
  { golfer, analysis }: BayView,
  { clubId, swing }: Station,
): Doubt | null {
  const next = atStation(analysis.stocks, { clubId, swing })?.foreseen
  if (!next || carryM === null) return null
  const others = analysis.stocks.flatMap(({ clubId: other, swing: its, foreseen, count: shots }) =>
    (other !== clubId || its !== swing) && shots > 0 && foreseen ? [foreseen] : [],
  )
  const carry = Math.round(measuresOf(golfer).carry.to(carryM) * 10) / 10
  return doubtOf(carry, golfer.lengthUnit, next, others)
}

const FAR: Record<Doubt['is'], string> = {
  'too-long': 'far above your other shots.',
  'far-too-short': 'far below your other shots.',
  short: 'far below your other shots.',
}

const SLIP_NAME: Record<Slip['kind'], string> = {
  swapped: 'two digits swapped',
  'factor-ten': 'the decimal point',
  'missing-digit': 'a digit missing',
  'other-unit': 'the other unit',
  'wrong-digit': 'one wrong digit',
}

function Held({ shots, view, bay, byKey, over }: HeldProps) {
  const { golfer, bag } = view
  const [shot] = shots
  const because = shot.heldBecause
  const typed = shot.source === 'typed' && because === 'implausible-carry'
  const doubt = typed && shot.clubId ? doubtAt(shot, view, { clubId: shot.clubId, swing: shot.swing }) : null
  const slip = doubt?.slip ?? null
  const far = doubt ? FAR[doubt.is] : 'far from your other shots.'
  const why = slip
    ? `${far} Did you mean ${lenUnit(measuresOf(golfer).carry.from(slip.proposal), golfer, 1)} (${SLIP_NAME[slip.kind]})?`
    : typed
      ? far
      : `${because ? HELD_NAME[because] : ''}${shot.clubLabel && because !== 'other-station' && because !== 'second-monitor' ? ` (the monitor sent “${shot.clubLabel}”)` : ''}.`
  const carries = shots
    .map(({ carryM }) => (carryM === null ? 'no carry' : len(carryM, golfer, 1)))
    .join(', ')
  const named = clubNames(bag)
  return (
    <section className="sheet held" data-held={shot.id}>
      <b>
        {shot.clubId === null
          ? `${shots.length === 1 ? 'A shot' : count(shots.length, 'shot')} of`
          : `${stationName(named(shot.clubId), shot.swing)}:`}{' '}
        {carries} {golfer.lengthUnit} {shots.length === 1 ? 'needs checking' : 'need checking'}
      </b>
      : {why} Not counted yet.
      {doubt && slip ? (
        <SlipChoices
          shots={shots}
          slip={slip}
          keepFirst={doubt.is !== 'too-long'}
          view={view}
          bay={bay}
          byKey={byKey}
        />
      ) : because === 'second-monitor' && shot.monitor !== null ? (
        <SecondMonitor shots={shots} monitor={shot.monitor} bay={bay} byKey={byKey} />
      ) : because === 'other-station' && shot.clubId ? (
        <OtherStation shots={shots} named={named} view={view} bay={bay} byKey={byKey} over={over} />
      ) : waitsForItsClub(because) || shot.clubId === null ? (
        <WhichStation shots={shots} view={view} bay={bay} />
      ) : (
        <TakeAsItIs shots={shots} bay={bay} byKey={byKey} />
      )}
    </section>
  )
}

const idsOf = (shots: Group['shots']) => shots.map(({ id }) => id)
const all = (shots: Group['shots']): string => (shots.length === 1 ? 'it' : `all ${shots.length}`)

function LeaveOut({ shots, bay }: Pick<HeldProps, 'shots' | 'bay'>) {
  return (
    <Button variant="outline" onClick={() => bay.decide(idsOf(shots), 'withdrawn')}>
      Leave {all(shots)} out for good
    </Button>
  )
}

/** Takes what was meant in the place of what was typed, as one act. */
export async function correct(
  { id, clubId, swing, offlineM, totalM }: SessionShot,
  { proposal }: Slip,
  { golfer }: BayView,
  bay: BayActions,
): Promise<void> {
  if (!clubId) return
  const meant = {
    carryM: measuresOf(golfer).carry.from(proposal),
    ...(offlineM !== undefined && { offlineM }),
    ...(totalM !== undefined && { totalM }),
  }
  await bay.hit({ clubId, swing }, [{ ...meant, replaces: id }])
}

/** A typed carry that one slip explains: what was meant, or what was typed. */
function SlipChoices({
  shots,
  slip,
  keepFirst,
  view,
  bay,
  byKey,
}: Omit<HeldProps, 'over'> & {
  slip: Slip
  /** A topped shot may be that short: no default button makes it a good one. */
  keepFirst: boolean
}) {
  const [shot] = shots
  const { lengthUnit } = view.golfer
  const meant = () => void correct(shot, slip, view, bay)
  const keep = () => void bay.decide([shot.id], 'released')
  const keepIt = { id: 'asItIs', choose: keep, words: 'Keep what I typed' } as const
  const change = {
    id: 'proposal',
    choose: meant,
    words: `It was ${fixed(slip.proposal, 1)} ${lengthUnit}`,
  } as const
  return (
    <div className="btns">
      <CommandKeys of={{ proposal: meant, asItIs: keep }} enabled={byKey} />
      {(keepFirst ? [keepIt, change] : [change, keepIt]).map(({ id, choose, words }, i) => (
        <CommandButton key={id} id={id} keyed={byKey} {...(i > 0 && { variant: 'outline' })} onClick={choose}>
          {words}
        </CommandButton>
      ))}
      <LeaveOut shots={shots} bay={bay} />
    </div>
  )
}

/** The monitor names another station than the one that is open: which of the two it was. */
function OtherStation({
  shots,
  named,
  view,
  bay,
  byKey,
  over,
}: HeldProps & { named: (clubId: ClubId) => string }) {
  const [shot] = shots
  const theirs = { clubId: shot.clubId as ClubId, swing: shot.swing }
  const open = view.session.open && !isOf(theirs)(view.session.open) ? view.session.open : null
  const they = shots.length === 1 ? 'It was' : `All ${shots.length} were`
  const go = async () => {
    if ((await bay.move(idsOf(shots), theirs)) && !over) await bay.open(theirs)
  }
  const stay = () => void (open && bay.move(idsOf(shots), open))
  return (
    <div className="btns">
      <CommandKeys of={{ proposal: () => void go(), ...(open && { asItIs: stay }) }} enabled={byKey} />
      <CommandButton id="proposal" keyed={byKey} onClick={go}>
        {they} the {stationName(named(theirs.clubId), theirs.swing)}
        {over ? '' : ': go there'}
      </CommandButton>
      {open && (
        <CommandButton id="asItIs" keyed={byKey} variant="outline" onClick={stay}>
          {they} the {stationName(named(open.clubId), open.swing)}
        </CommandButton>
      )}
      <LeaveOut shots={shots} bay={bay} />
    </div>
  )
}

/** Nobody knows the station: the golfer chooses it, for one or for all. Nothing is chosen beforehand. */
function WhichStation({ shots, view, bay }: Pick<HeldProps, 'shots' | 'view' | 'bay'>) {
  const [station, setStation] = useState<Station | null>(null)
  const [shot] = shots
  const label = shot.clubLabel
  const moveTo = (which: Group['shots'], forLabel: boolean) =>
    station && void bay.move(idsOf(which), station, forLabel)
  return (
    <div className="btns">
      <StationSelect view={view} label="Which club was it?" value={station} onChange={setStation} />
      <Button disabled={!station} onClick={() => moveTo(shots, label !== null)}>
        {label
          ? `“${label}” is this club`
          : shots.length === 1
            ? 'Take it there'
            : `Take all ${shots.length} there`}
      </Button>
      {(shots.length > 1 || label) && (
        <Button variant="outline" disabled={!station} onClick={() => moveTo([shot], false)}>
          Only {shot.carryM === null ? 'this one' : len(shot.carryM, view.golfer, 1)}
        </Button>
      )}
      <LeaveOut shots={shots} bay={bay} />
    </div>
  )
}

/** Two monitors send shots here: they saw the same balls, or each another one. */
function SecondMonitor({
  shots,
  monitor,
  bay,
  byKey,
}: Pick<HeldProps, 'shots' | 'bay' | 'byKey'> & { monitor: string }) {
  const watch = () => void bay.watch(monitor, true)
  const count = async () => {
    if (await bay.watch(monitor, false)) await bay.decide(idsOf(shots), 'released')
  }
  return (
    <div className="btns">
      <CommandKeys of={{ proposal: watch, asItIs: () => void count() }} enabled={byKey} />
      <CommandButton id="proposal" keyed={byKey} onClick={watch}>
        The same balls: {monitor} only watches
      </CommandButton>
      <CommandButton id="asItIs" keyed={byKey} variant="outline" onClick={count}>
        {shots.length === 1 ? 'Another ball: it counts' : 'Other balls: they count'}
      </CommandButton>
      <LeaveOut shots={shots} bay={bay} />
    </div>
  )
}

function TakeAsItIs({ shots, bay, byKey }: Pick<HeldProps, 'shots' | 'bay' | 'byKey'>) {
  const take = () => void bay.decide(idsOf(shots), 'released')
  return (
    <div className="btns">
      <CommandKeys of={{ asItIs: take }} enabled={byKey} />
      <CommandButton id="asItIs" keyed={byKey} onClick={take}>
        Take {all(shots)} as {shots.length === 1 ? 'it is' : 'they are'}
      </CommandButton>
      <LeaveOut shots={shots} bay={bay} />
    </div>
  )
}
