import type { Bag } from '@/core/bag/bag'
import { compare, type Comparison, type Side } from '@/core/compare/compare'
import { seasonOf, sideKey, type SideOf } from '@/core/compare/side'
import { together, type Together } from '@/core/compare/together'
import { trialOf } from '@/core/compare/trial'
import type { PlannedBlock } from '@/core/session/plan'
import type { Golfer } from '@/core/golfer'
import type { ClubId, SessionId } from '@/core/ids'
import { Z90 } from '@/core/math/z90'
import type { SessionSummary } from '@/core/session/session'
import { sessionAir } from '@/core/session/session-air'
import type { SetUp } from '@/core/session/set-up'
import { atStation, sameStation, stationKey, type Station, type Swing } from '@/core/station'
import { oldStations } from '@/core/stock/age'
import { isHit, type HitStock, type Stock } from '@/core/stock/stock'
import { comparingAir } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import { setUpsOfClubs } from '@/store/clubs'
import type { Database } from '@/store/database'
import { sessionsOf } from '@/store/sessions'
import { setUpsOf } from '@/store/set-ups'
import { sessionsOfShots } from '@/store/shots'
import { bagMoments } from './bag-as-it-was'
import { bagAnalysis, comparedBag, judgedTogether, rackAnalysis, type StationShots } from './bag-analysis'

/** A side that may be chosen, with what its name is made of. */
export type SideChoice = { key: string; side: SideOf; name?: string; atMs?: number; offsetMin?: number }

/** What may differ between two sides besides what is compared. */
export type Besides = {
  what: 'place' | 'ball' | 'monitor' | 'air'
  a: string[]
  b: string[]
}

/** One station of both sides. */
export type CompareRow = {
  key: string
  clubId: ClubId
  swing: Swing
  /** The other side's club and swing where they are others. */
  other?: { clubId: ClubId; swing: Swing }
  a: HitStock | null
  b: HitStock | null
  found: Comparison | null
}

export type CompareView = {
  golfer: Golfer
  bag: Bag
  choices: SideChoice[]
  a: SideChoice | null
  b: SideChoice | null
  rows: CompareRow[]
  together: Together | null
  besides: Besides[]
  /** Mean temperatures of the air, where it is known of all shots of a side. */
  air: { a: number | null; b: number | null }
}

type SideData = { stocks: Stock[]; shots: StationShots; sessions: Map<string, SessionId>; joint: boolean }

/** Two of anything side by side; null before the first bag. */
export function compareView(
  db: Database,
  golfer: Golfer,
  asked: { a: string | undefined; b: string | undefined },
  nowMs: number,
): CompareView | null {
  const bag = bagOf(db, golfer.id)
  if (!bag) return null
  const sessions = sessionsOf(db, golfer.id).filter(({ shots, place }) => shots > 0 && place !== 'course')
  const setUps = setUpsOf(db, golfer.id)
  const choices = choicesOf(db, golfer, bag, { sessions, setUps })
  const chosen = (key: string | undefined) => choices.find((each) => each.key === key) ?? null
  const [a, b] = [chosen(asked.a), chosen(asked.b)]
  const base = { golfer, bag, choices, a, b }
  if (!a || !b) return { ...base, rows: [], together: null, besides: [], air: { a: null, b: null } }
  const [first, second] = [a, b].map(({ side }) =>
    sideData(db, golfer, bag, side, { sessions, setUps, nowMs }),
  ) as [SideData, SideData]
  const rows = rowsOf({ side: a.side, ...first }, { side: b.side, ...second }, golfer)
  const pairs = rows.flatMap(({ a: stockA, b: stockB }) =>
    stockA && stockB ? [{ a: sideOf(stockA, first), b: sideOf(stockB, second) }] : [],
  )
  const about = { sessions: new Map(sessions.map((each) => [each.id, each])), setUps }
  return {
    ...base,
    rows,
    together: a.side.kind === 'club' || b.side.kind === 'club' ? null : together(pairs),
    besides: besidesOf(first, second, about),
    air: { a: meanTemp(first, about), b: meanTemp(second, about) },
  }
}

type About = { sessions: SessionSummary[]; setUps: ReadonlyMap<SessionId, SetUp> }

/** A trial that a session was planned as, with what its shots say of the second less the first; absent until both were hit. */
export type TrialSeen = {
  a: Station
  b: Station
  stocks: [HitStock, HitStock] | null
  found: Comparison | null
}

/** What a trial settles, by the shots of its own session alone: one day for both. Null for any other plan. */
export function trialSeen(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  { sessionId, plan }: { sessionId: SessionId; plan: readonly PlannedBlock[] },
  nowMs: number,
): TrialSeen | null {
  const trial = trialOf(plan)
  if (!trial) return null
  const judged = judgedTogether(db, golfer, bag, nowMs, null, { sinceMs: 0, keep: (id) => id === sessionId })
  const data = { ...judged, sessions: new Map(judged.shots.map(({ id }) => [id, sessionId])), joint: false }
  const [a, b] = [trial.a, trial.b].map((station) => atStation(judged.stocks, station))
  if (!isHit(a) || !isHit(b)) return { ...trial, stocks: null, found: null }
  const found = compare(sideOf(a, data), sideOf(b, data), golfer.lengthUnit)
  return { ...trial, stocks: [a, b], found }
}

/** A stock that had grown old, beside what a session says of it. */
export type CheckSeen = { station: Station; days: number; old: HitStock; now: HitStock; found: Comparison }

/** What a session says of the stocks that were old when it began. */
export function checksSeen(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  { id, startedMs }: Pick<SessionSummary, 'id' | 'startedMs'>,
  nowMs: number,
): CheckSeen[] {
  const then = bagAnalysis(db, golfer, startedMs, null, { asItWas: true })
  const old = then
    ? oldStations(then.analysis.stocks, then.shots, { limitDays: golfer.ageLimitDays, nowMs: startedMs })
    : []
  if (!then || old.length === 0) return []
  const judged = judgedTogether(db, golfer, bag, nowMs, null, { sinceMs: 0, keep: (each) => each === id })
  const before: SideData = { ...withSessions(db, then.shots), stocks: then.analysis.stocks }
  const after: SideData = { ...withSessions(db, judged.shots), stocks: judged.stocks }
  return old.flatMap(({ days, ...station }): CheckSeen[] => {
    const [a, b] = [before, after].map(({ stocks }) => atStation(stocks, station))
    return isHit(a) && isHit(b)
      ? [
          {
            station,
            days,
            old: a,
            now: b,
            found: compare(sideOf(a, before), sideOf(b, after), golfer.lengthUnit),
          },
        ]
      : []
  })
}

const withSessions = (db: Database, shots: StationShots): Omit<SideData, 'stocks'> => ({
  shots,
  joint: false,
  sessions: sessionsOfShots(
    db,
    shots.map(({ id }) => id),
  ),
})

/** Everything that can be a side, by kinds. */
function choicesOf(db: Database, golfer: Golfer, bag: Bag, { sessions, setUps }: About): SideChoice[] {
  const choice = (side: SideOf, rest: Omit<SideChoice, 'key' | 'side'> = {}) => ({
    key: sideKey(side),
    side,
    ...rest,
  })
  const seasons = new Map(
    sessions.map(({ startedMs, offsetMin }) => {
      const side: SideOf = { kind: 'season', ...seasonOf(startedMs, offsetMin) }
      return [sideKey(side), choice(side)] as const
    }),
  )
  const balls = new Set([...setUps.values()].flatMap(({ ball }) => ball ?? []))
  const all = [...bag.clubs, ...bag.rack].filter(({ kind }) => kind !== 'putter')
  const nameOf = new Map(all.map(({ id, name }) => [id, name]))
  return [
    choice({ kind: 'bag', untilMs: null }),
    ...bagMoments(db, golfer).map(({ untilMs }) => choice({ kind: 'bag', untilMs }, { atMs: untilMs })),
    ...seasons.values(),
    ...sessions.map(({ id, startedMs, offsetMin }) =>
      choice({ kind: 'session', sessionId: id }, { atMs: startedMs, offsetMin }),
    ),
    ...all.map(({ id, name }) => choice({ kind: 'club', clubId: id }, { name })),
    ...[...setUpsOfClubs(db, golfer.id)].flatMap(([id, of]) =>
      of.flatMap(({ sinceMs }) =>
        sinceMs > 0 && nameOf.has(id)
          ? [
              choice(
                { kind: 'set-up', clubId: id, untilMs: sinceMs },
                { name: nameOf.get(id) ?? '', atMs: sinceMs },
              ),
            ]
          : [],
      ),
    ),
    ...golfer.swings.map((swing) => choice({ kind: 'swing', swing })),
    ...[...balls].map((ball) => choice({ kind: 'ball', ball })),
  ]
}

function sideData(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  of: SideOf,
  { sessions, setUps, nowMs }: About & { nowMs: number },
): SideData {
  const inAir = comparingAir(golfer)
  const side = ({ stocks, shots }: { stocks: Stock[]; shots: StationShots }, joint = false): SideData => ({
    ...withSessions(db, shots),
    stocks,
    joint,
  })
  const asItWas = (untilMs: number) => {
    const then = bagAnalysis(db, golfer, untilMs, inAir, { asItWas: true })
    return { stocks: then?.analysis.stocks ?? [], shots: then?.shots ?? [] }
  }
  const now = () => {
    const compared = comparedBag(db, golfer, nowMs)
    const rack = rackAnalysis(db, golfer, bag, nowMs, inAir)
    return {
      stocks: [...(compared?.analysis.stocks ?? []), ...rack.stocks],
      shots: [...(compared?.shots ?? []), ...rack.shots],
    }
  }
  const ofSessions = (kept: readonly SessionSummary[]) => {
    const ids = new Set(kept.map(({ id }) => id))
    const last = Math.max(0, ...kept.map(({ startedMs }) => startedMs))
    const then = bagOf(db, golfer.id, last + 1) ?? bag
    return side(judgedTogether(db, golfer, then, nowMs, inAir, { sinceMs: 0, keep: (id) => ids.has(id) }))
  }
  switch (of.kind) {
    case 'bag':
      return side(of.untilMs === null ? now() : asItWas(of.untilMs))
    case 'session':
      return ofSessions(sessions.filter(({ id }) => id === of.sessionId))
    case 'season':
      return ofSessions(
        sessions.filter(({ startedMs, offsetMin }) => {
          const { season, year } = seasonOf(startedMs, offsetMin)
          return season === of.season && year === of.year
        }),
      )
    case 'ball':
      return ofSessions(sessions.filter(({ id }) => setUps.get(id)?.ball === of.ball))
    case 'club': {
      const { stocks, shots } = now()
      const own = <T extends { clubId: ClubId }>(all: readonly T[]) =>
        all.filter(({ clubId }) => clubId === of.clubId)
      return side({ stocks: own(stocks), shots: own(shots) }, true)
    }
    case 'swing': {
      const { stocks, shots } = now()
      const own = <T extends { swing: Swing }>(all: readonly T[]) =>
        all.filter(({ swing }) => swing === of.swing)
      return side({ stocks: own(stocks), shots: own(shots) }, true)
    }
    case 'set-up': {
      const { stocks, shots } = asItWas(of.untilMs)
      const own = <T extends { clubId: ClubId }>(all: readonly T[]) =>
        all.filter(({ clubId }) => clubId === of.clubId)
      return side({ stocks: own(stocks), shots: own(shots) })
    }
  }
}

/** A stock as a side of a comparison. Where both sides were judged together, what their days add is in them already. */
function sideOf(stock: HitStock, { shots, sessions, joint }: SideData): Side {
  const solid = shots.filter((shot) => sameStation(shot, stock) && shot.mark === 'solid')
  const days = new Map<string, number>()
  for (const { id } of solid) {
    const session = joint ? 'together' : (sessions.get(id) ?? '')
    days.set(session, (days.get(session) ?? 0) + 1 / solid.length)
  }
  return {
    carryM: stock.carryM,
    sdM: (stock.model.highM - stock.model.lowM) / (2 * Z90),
    count: stock.count,
    days,
  }
}

type OfSide = SideData & { side: SideOf }

/** The stations of both sides beside each other: clubs by swing, swings by club, all else station by station. */
function rowsOf(a: OfSide, b: OfSide, golfer: Golfer): CompareRow[] {
  const byClub = isOneClub(a.side) && isOneClub(b.side)
  const bySwing = a.side.kind === 'swing' && b.side.kind === 'swing'
  const match = (stock: Stock) => (byClub ? stock.swing : bySwing ? stock.clubId : stationKey(stock))
  const hitOf = ({ stocks }: SideData) => new Map(stocks.filter(isHit).map((stock) => [match(stock), stock]))
  const [first, second] = [hitOf(a), hitOf(b)]
  const keys = new Set([...first.keys(), ...second.keys()])
  // What both were hit with comes first; a station of one side alone has nothing to be set beside.
  return [...keys].flatMap((key): CompareRow[] => {
    const [stockA, stockB] = [first.get(key) ?? null, second.get(key) ?? null]
    const named = stockA ?? stockB
    if (!named) return []
    const other = stockA && stockB && !sameStation(stockA, stockB) ? stockB : null
    return [
      {
        key,
        clubId: named.clubId,
        swing: named.swing,
        ...(other && { other: { clubId: other.clubId, swing: other.swing } }),
        a: stockA,
        b: stockB,
        found: stockA && stockB ? compare(sideOf(stockA, a), sideOf(stockB, b), golfer.lengthUnit) : null,
      },
    ]
  })
}

const isOneClub = ({ kind }: SideOf): boolean => kind === 'club' || kind === 'set-up'

type Kept = { sessions: ReadonlyMap<SessionId, SessionSummary>; setUps: ReadonlyMap<SessionId, SetUp> }

/** What was different besides: places, balls and monitors of the sessions of each side, where they are not the same. */
function besidesOf(a: SideData, b: SideData, { sessions, setUps }: Kept): Besides[] {
  const said = (side: SideData, of: (id: SessionId) => string | null | undefined) =>
    [...new Set([...new Set(side.sessions.values())].map((id) => of(id) ?? ''))].sort()
  const kinds: [Besides['what'], (id: SessionId) => string | null | undefined][] = [
    ['place', (id) => sessions.get(id)?.place],
    ['ball', (id) => setUps.get(id)?.ball],
    ['monitor', (id) => setUps.get(id)?.monitor?.profile.name],
  ]
  return kinds.flatMap(([what, of]) => {
    const [first, second] = [said(a, of), said(b, of)]
    return first.join('\n') === second.join('\n') ? [] : [{ what, a: first, b: second }]
  })
}

/** The mean temperature of the air that a side was hit in; null where it is not known of every session. */
function meanTemp({ sessions: of }: SideData, { sessions, setUps }: Kept): number | null {
  const temps = [...new Set(of.values())].map((id) => {
    const air = sessionAir(setUps.get(id) ?? null, sessions.get(id)?.place ?? null)
    return air.kind === 'known' ? air.air.tempC : null
  })
  return temps.length === 0 || temps.some((temp) => temp === null)
    ? null
    : temps.reduce<number>((sum, temp) => sum + (temp ?? 0), 0) / temps.length
}
