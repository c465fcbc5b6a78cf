import type { GolferId, SessionId } from '@/core/model/ids'
import { withAir, type AirInput } from '@/core/session/session-air'
import type { AirSetUp, MonitorCheck, MonitorProfile, SetUp } from '@/core/session/set-up'
import type { FlightField } from '@/core/shots/flight-fields'
import type { Database } from './database'

/** Keeps how a session was set up, in place of what stood before, and the monitor as its owner described it. */
export function keepSetUp(db: Database, golferId: GolferId, sessionId: SessionId, setUp: SetUp): void {
  const { air, monitor, ...rest } = setUp
  db.transaction(() => {
    if (monitor) keepProfile(db, golferId, monitor.profile)
    db.prepare(
      `INSERT OR REPLACE INTO set_up (session_id, surface, ball, ball_temp_c, temp_c, pressure_hpa, humidity, wind_mps,
         wind, sea_level_hpa, wind_height_m, air_source, altitude_m, altitude_of, carry_from, device_temp_c, monitor, net_least_m, unit_least_m, unit_most_m, net_m, unit_m, checks, monitor_computes, monitor_air_temp_c)
       VALUES (@sessionId, @surface, @ball, @ballTempC, @tempC, @pressureHpa, @humidity, @windMps,
         @wind, @seaLevelHpa, @windHeightM, @source, @altitudeM, @altitudeOf, @carryFrom, @deviceTempC, @name, @netLeastM, @unitLeastM, @unitMostM, @netM, @unitM, @checks, @computes, @profileAirTempC)`,
    ).run({
      ...rest,
      ...air,
      sessionId,
      name: monitor?.profile.name ?? null,
      netLeastM: monitor?.profile.netLeastM ?? null,
      unitLeastM: monitor?.profile.unitLeastM ?? null,
      unitMostM: monitor?.profile.unitMostM ?? null,
      computes: monitor ? JSON.stringify(monitor.profile.computes) : null,
      profileAirTempC: monitor?.profile.airTempC ?? null,
      netM: monitor?.netM ?? null,
      unitM: monitor?.unitM ?? null,
      checks: monitor
        ? JSON.stringify(
            monitor.profile.checks.map((check) => ({
              ...check,
              checked: monitor.checked.includes(check.what),
            })),
          )
        : null,
    })
  }).immediate()
}

/** Keeps what a golfer said of the air of several sessions at once; what was said of each before stays. */
export function sayAir(
  db: Database,
  golferId: GolferId,
  airs: readonly (AirInput & { sessions: SessionId[] })[],
): void {
  db.transaction(() => {
    for (const { sessions, ...air } of airs)
      for (const id of sessions) keepSetUp(db, golferId, id, withAir(setUpOf(db, id), air))
  }).immediate()
}

function keepProfile(
  db: Database,
  golferId: GolferId,
  { checks, computes, ...profile }: MonitorProfile,
): void {
  db.prepare(
    `INSERT OR REPLACE INTO monitor_profile (golfer_id, name, net_least_m, unit_least_m, unit_most_m, checks, computes, air_temp_c)
     VALUES (@golferId, @name, @netLeastM, @unitLeastM, @unitMostM, @checks, @computes, @airTempC)`,
  ).run({ ...profile, golferId, checks: JSON.stringify(checks), computes: JSON.stringify(computes) })
}

type ProfileRow = Omit<MonitorProfile, 'checks' | 'computes'> & { checks: string; computes: string | null }

/** The monitors that a golfer has described, by name. */
export const monitorProfiles = (db: Database, golferId: GolferId): MonitorProfile[] =>
  (
    db
      .prepare(
        `SELECT name, net_least_m AS netLeastM, unit_least_m AS unitLeastM, unit_most_m AS unitMostM, checks,
           computes, air_temp_c AS airTempC
         FROM monitor_profile WHERE golfer_id = ? ORDER BY name`,
      )
      .all(golferId) as ProfileRow[]
  ).map((row) => ({
    ...row,
    checks: JSON.parse(row.checks) as MonitorCheck[],
    computes: JSON.parse(row.computes ?? '[]') as FlightField[],
  }))

type Row = Omit<SetUp, 'air' | 'monitor'> &
  AirSetUp & {
    name: string | null
    netLeastM: number
    unitLeastM: number
    unitMostM: number
    netM: number | null
    unitM: number | null
    checks: string
    computes: string | null
    profileAirTempC: number | null
  }

const COLUMNS = `surface, ball, ball_temp_c AS ballTempC, temp_c AS tempC, pressure_hpa AS pressureHpa, humidity,
  wind_mps AS windMps, wind, sea_level_hpa AS seaLevelHpa, wind_height_m AS windHeightM, air_source AS source,
  altitude_m AS altitudeM, altitude_of AS altitudeOf, carry_from AS carryFrom, device_temp_c AS deviceTempC, monitor AS name,
  net_least_m AS netLeastM, unit_least_m AS unitLeastM, unit_most_m AS unitMostM, net_m AS netM, unit_m AS unitM, checks,
  monitor_computes AS computes, monitor_air_temp_c AS profileAirTempC`

/** How a session was set up; null where nothing was ever said of it. */
export function setUpOf(db: Database, sessionId: SessionId): SetUp | null {
  const row = db.prepare(`SELECT ${COLUMNS} FROM set_up WHERE session_id = ?`).get(sessionId) as
    Row | undefined
  return row ? setUp(row) : null
}

/** How each of a golfer's sessions that began later was set up, those of which anything was said. */
export function setUpsOf(
  db: Database,
  golferId: GolferId,
  sinceMs = 0,
  sessions: readonly SessionId[] | null = null,
): Map<SessionId, SetUp> {
  const rows = db
    .prepare(
      `SELECT session_id AS sessionId, ${COLUMNS} FROM set_up JOIN session s ON s.id = session_id
       WHERE s.golfer_id = @golferId AND s.started_ms > @sinceMs
         AND (@only IS NULL OR s.id IN (SELECT value FROM json_each(@only)))`,
    )
    .all({ golferId, sinceMs, only: sessions && JSON.stringify(sessions) }) as (Row & {
    sessionId: SessionId
  })[]
  return new Map(rows.map(({ sessionId, ...row }) => [sessionId, setUp(row)]))
}

/** How the golfer's last session was set up, which the next one most often is too. */
export function lastSetUp(db: Database, golferId: GolferId): SetUp | null {
  const row = db
    .prepare(
      `SELECT ${COLUMNS} FROM set_up JOIN session s ON s.id = session_id WHERE s.golfer_id = ?
       ORDER BY s.started_ms DESC LIMIT 1`,
    )
    .get(golferId) as Row | undefined
  return row ? setUp(row) : null
}

function setUp(whole: Row): SetUp {
  const { name, netLeastM, unitLeastM, unitMostM, netM, unitM, checks, computes, profileAirTempC, ...row } =
    whole
  const { tempC, pressureHpa, humidity, windMps, wind, seaLevelHpa, windHeightM, source, ...rest } = row
  const air = { tempC, pressureHpa, humidity, windMps, wind, seaLevelHpa, windHeightM, source }
  if (name === null) return { ...rest, air, monitor: null }
  const made = JSON.parse(checks) as (MonitorCheck & { checked: boolean })[]
  return {
    ...rest,
    air,
    monitor: {
      profile: {
        name,
        netLeastM,
        unitLeastM,
        unitMostM,
        checks: made.map(({ what, touches }) => ({ what, touches })),
        computes: JSON.parse(computes ?? '[]') as FlightField[],
        airTempC: profileAirTempC,
      },
      netM,
      unitM,
      checked: made.filter(({ checked }) => checked).map(({ what }) => what),
    },
  }
}
