import { describe, expect, it } from 'vitest'
import { around, hit, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { Shot } from '../shots/shot'
import { stationFlight } from '../wedges/station-flight'
import { yards } from '../units'
import { REFERENCE_AIR } from '../model/air'
import { airOfDay, type Day } from '../session/day'
import { dayCard, seasonStations } from '../course/day-card'
import { TURFS } from '../model/turf'
import { season } from '../course/season'
import { ordinaryRun } from './station-run'

const yd = (metres: number) => metres / yards(1)
const running = (shots: Shot[], runYd: number, more: Partial<Shot> = {}): Shot[] =>
  shots.map((shot) => ({ ...shot, totalM: shot.carryM! + yards(runYd), ...more }))
const stockOf = (
  shots: Shot[],
  clubId: string,
  stockRule: 'median-solid' | 'model' | 'mean-solid' = 'mean-solid',
) => analyseBag({ clubs: SIX, shots, rules: { stockRule } }).stocks.find((each) => each.clubId === clubId)!

describe('the run of a station', () => {
  it('is total less carry, shot by shot, under every rule: 20 yd each time is a run of 20', () => {
    const shots = running(hit('7-iron', [151, 158, 160, 161, 149]), 20)
    for (const rule of ['median-solid', 'model', 'mean-solid'] as const) {
      const stock = stockOf(shots, '7-iron', rule)
      expect(yd(ordinaryRun(stock)!.runM)).toBeCloseTo(20, 9)
      expect(ordinaryRun(stock)!.totalM).toBeCloseTo(stock.carryM! + yards(20), 9)
    }
  })

  it('of some shots without a total is that of those that have one', () => {
    const shots = hit('7-iron', around(160, 6))
    const mixed = [...running(shots.slice(0, 3), 8), ...shots.slice(3)]
    expect(yd(ordinaryRun(stockOf(mixed, '7-iron'))!.runM)).toBeCloseTo(8, 9)
  })

  it('that a device indoors computed is the monitor’s, and a ball that ran goes before it', () => {
    const indoors = running(hit('7-iron', around(160, 4)), 12, { totalComputed: true, session: 0 })
    expect(stockOf(indoors, '7-iron').run).toMatchObject({ from: 'monitor' })
    const outside = running(hit('7-iron', around(160, 4)), 6, { session: 1 }).map((shot, i) => ({
      ...shot,
      id: `outside ${i}` as Shot['id'],
    }))
    const { run } = stockOf([...indoors, ...outside], '7-iron')
    expect(run!.from).toBe('measured')
    expect(yd(run!.meanM)).toBeCloseTo(6, 9)
  })

  it('is the same on Stock, Wedges, the card of the day and the season line, on every ground', () => {
    const launched = { ballSpeedMps: 46, launchDeg: 19, spinRpm: 6100, air: REFERENCE_AIR }
    const bags = [
      running(hit('7-iron', around(140, 5), launched), 7),
      hit('7-iron', around(140, 5), launched),
      running(hit('7-iron', around(140, 5), { air: REFERENCE_AIR }), -1),
    ]
    const clubs = [...SIX]
    const club = clubs.find(({ id }) => id === '7-iron')!
    for (const shots of bags)
      for (const turf of TURFS) {
        const day: Day = {
          place: null,
          tempC: REFERENCE_AIR.tempC,
          altitudeM: 0,
          seaLevelHpa: REFERENCE_AIR.pressureHpa,
          humidity: REFERENCE_AIR.humidity,
          tailwindMps: 0,
          crosswindMps: 0,
          turf,
        }
        const asHit = analyseBag({ clubs, shots })
        const inDay = analyseBag({ clubs, shots, rules: { inAir: airOfDay(day) } })
        const stock = asHit.stocks.find(({ clubId }) => clubId === '7-iron')!
        const onCourse = dayCard(clubs, day, asHit, inDay).lines.find(({ clubId }) => clubId === '7-iron')!
        const wedge = stationFlight(stock, stock, club, turf)!
        const line = season(seasonStations(clubs, inDay), day, day).find(({ clubId }) => clubId === '7-iron')!
        const onGround = line.ground.find((each) => each.turf === turf)!
        expect(wedge.runM).toBeCloseTo(onCourse.runM!, 6)
        expect(onGround.runM).toBeCloseTo(onCourse.runM!, 6)
        expect([wedge.runFrom, onGround.from]).toEqual([onCourse.runFrom, onCourse.runFrom])
        expect(wedge.carryM + wedge.runM).toBeCloseTo(onCourse.total!.atM, 6)
        if (turf === 'normal' && ordinaryRun(stock))
          expect(ordinaryRun(stock)!.totalM).toBeCloseTo(onCourse.total!.atM, 6)
      }
  })
})
