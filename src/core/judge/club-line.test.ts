import { expect, it } from 'vitest'
import { clubLine, LAUNCH_OVER_CARRY, onLine, SPEED_OVER_CARRY, yAt } from './club-line'

const points = [230, 198, 178, 160, 136, 120].map((carry) => ({
  x: Math.log(carry),
  y: 0.6 * Math.log(carry) + 0.8,
}))

it('is the line that the clubs lie on, and one club with bad shots does not bend it', () => {
  const bent = points.map((point, i) => (i === 2 ? { ...point, y: point.y - 0.08 } : point))
  for (const clubs of [points, bent]) {
    const line = clubLine(clubs, SPEED_OVER_CARRY)!
    expect(line.slope).toBeCloseTo(0.6, 6)
    expect(yAt(line, 0)).toBeCloseTo(0.8, 6)
  }
})

it('tells fat shots of one club from good shots of a shorter one', () => {
  const line = clubLine(points, SPEED_OVER_CARRY)!
  const lost = Math.log(0.82)
  const at = points[3]!
  const fat = onLine(line, { x: at.x + 1.35 * lost, y: at.y + lost }, 0.006)
  const good = onLine(line, at, 0.006)
  expect(good / fat).toBeGreaterThan(4)
})

it('tells thin shots from those of any club that carries so far', () => {
  const launches = [230, 198, 178, 160, 136, 120].map((carryM) => ({
    x: carryM,
    y: Math.log(30 - carryM / 12),
  }))
  const line = clubLine(launches, LAUNCH_OVER_CARRY)!
  const at = { x: 150, y: yAt(line, 150) }
  expect(onLine(line, at, 0.03) / onLine(line, { ...at, y: at.y + Math.log(0.5) }, 0.03)).toBeGreaterThan(20)
})

it('is none through fewer than four clubs, or through clubs at one carry', () => {
  expect(clubLine(points.slice(0, 3), SPEED_OVER_CARRY)).toBeNull()
  expect(
    clubLine(
      points.map((point) => ({ ...point, x: 5 })),
      SPEED_OVER_CARRY,
    ),
  ).toBeNull()
})
