import { allClubs } from '@/core/bag/bag'
import type { Bag, OwnedClub } from '@/core/bag/bag'
import { setUpDifference, type SetUpDifference } from '@/core/compare/set-up-differences'
import { withinBag } from '@/core/compare/whole-bag'
import { compare, type Comparison } from '@/core/compare/compare'
import { seasonOf, sideKey, type SideOf } from '@/core/compare/side'
import { together, type Together } from '@/core/compare/together'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId, SessionId } from '@/core/model/ids'
import type { SessionSummary } from '@/core/model/session'
import { sessionAir } from '@/core/session/session-air'
import { SURFACES } from '@/core/model/surface'
import type { SetUp } from '@/core/session/set-up'
import { sameStation, stationKey, type Swing } from '@/core/model/station'
import { isOfShots, type HitStock, type Stock } from '@/core/stock/stock'
import { ballsNamed } from '@/store/balls'
import { bagOf } from '@/store/bags'
import { setUpsOfClubs } from '@/store/clubs'
import type { Database } from '@/store/database'
import { sessionsOf } from '@/store/sessions'
import { setUpsOf } from '@/store/set-ups'
import { bagMoments } from './bag-as-it-was'
import { sideData, sideOf, type SideData } from './compare-sides'

/** A side that may be chosen, with what its name is made of. */
export type SideChoice = { key: string; side: SideOf; name?: string; atMs?: number; offsetMin?: number }

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
  /** Those of the bag and those out of it. */
  clubs: OwnedClub[]
  choices: SideChoice[]
  a: SideChoice | null
  b: SideChoice | null
  rows: CompareRow[]
  /** Differences that look real by themselves, and may be chance among so many. */
  byChance: number
  together: Together | null
  differences: SetUpDifference[]
  /** Mean temperatures of the air, where it is known of all shots of a side. */
  air: { a: number | null; b: number | null }
}

/** Older sessions are no side of their own, and in no season. */
const MOST_SESSIONS = 400

/** Two of anything side by side; null before the first bag. */
export function compareView(
  db: Database,
  golfer: Golfer,
  query: { a: string | undefined; b: string | undefined },
  nowMs: number,
): CompareView | null {
  const bag = bagOf(db, golfer.id)
  if (!bag) return null
  const sessions = sessionsOf(db, golfer.id, { most: MOST_SESSIONS }).filter(
    ({ shots, place }) => shots > 0 && place !== 'course',
  )
  const setUps = setUpsOf(db, golfer.id)
  const choices = choicesOf(db, golfer, bag, { sessions, setUps })
  const chosen = (key: string | undefined) => choices.find((each) => each.key === key) ?? null
  const [a, b] = [chosen(query.a), chosen(query.b)]
  const base = { golfer, bag, clubs: allClubs(bag), choices, a, b }
  if (!a || !b || a.key === b.key)
    return { ...base, rows: [], byChance: 0, together: null, differences: [], air: { a: null, b: null } }
  const [first, second] = [a, b].map(({ side }) => sideData(db, golfer, bag, side, { sessions, nowMs })) as [
    SideData,
    SideData,
  ]
  const alone = rowsOf({ side: a.side, ...first }, { side: b.side, ...second }, golfer)
  const { found, byChance } = withinBag(alone.map((row) => row.found))
  const rows = alone.map((row, i) => ({ ...row, found: found[i] ?? null }))
  const pairs = rows.flatMap(({ a: stockA, b: stockB }) =>
    stockA && stockB ? [{ a: sideOf(stockA, first), b: sideOf(stockB, second) }] : [],
  )
  const about = { sessions: new Map(sessions.map((each) => [each.id, each])), setUps }
  return {
    ...base,
    rows,
    byChance,
    together: a.side.kind === 'club' || b.side.kind === 'club' ? null : together(pairs),
    differences: setUpDifferencesOf(first, second, about),
    air: { a: meanTemp(first, about), b: meanTemp(second, about) },
  }
}

/** Everything that can be a side, by kinds. */
function choicesOf(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  { sessions, setUps }: { sessions: readonly SessionSummary[]; setUps: ReadonlyMap<SessionId, SetUp> },
): SideChoice[] {
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
  const balls = ballsNamed(db, golfer.id)
  const all = allClubs(bag).filter(({ kind }) => kind !== 'putter')
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
    ...balls.map((ball) => choice({ kind: 'ball', ball })),
    ...SURFACES.filter((surface) => [...setUps.values()].some((each) => each.surface === surface)).map(
      (surface) => choice({ kind: 'surface', surface }),
    ),
  ]
}

type OfSide = SideData & { side: SideOf }

/** The stations of both sides beside each other: clubs by swing, swings by club, all else station by station. */
function rowsOf(a: OfSide, b: OfSide, golfer: Golfer): CompareRow[] {
  const byClub = isOneClub(a.side) && isOneClub(b.side)
  const bySwing = a.side.kind === 'swing' && b.side.kind === 'swing'
  const match = (stock: Stock) => (byClub ? stock.swing : bySwing ? stock.clubId : stationKey(stock))
  const hitOf = ({ stocks }: SideData) =>
    new Map(stocks.filter(isOfShots).map((stock) => [match(stock), stock]))
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

/** What the shots of each side were hit with besides: places, balls, monitors, and what the ball lay on. */
function setUpDifferencesOf(a: SideData, b: SideData, { sessions, setUps }: Kept): SetUpDifference[] {
  const ofSessions =
    (of: (id: SessionId) => string | null | undefined) =>
    (side: SideData): string[] =>
      [...new Set(side.sessions.values())].map((id) => of(id) ?? '')
  const kinds: [SetUpDifference['what'], (side: SideData) => string[]][] = [
    ['place', ofSessions((id) => sessions.get(id)?.place)],
    ['ball', ofSessions((id) => setUps.get(id)?.ball)],
    ['monitor', ofSessions((id) => setUps.get(id)?.monitor?.profile.name)],
    ['surface', ({ shots }) => shots.map(({ surface }) => surface ?? '')],
  ]
  return kinds.map(([what, of]) => setUpDifference(what, of(a), of(b)))
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
