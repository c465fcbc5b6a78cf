import { expect, it } from 'vitest'
import { onLine, speedLine } from './speed-line'

const points = [230, 198, 178, 160, 136, 120].map((carry) => ({
  logCarry: Math.log(carry),
  logSpeed: 0.6 * Math.log(carry) + 0.8,
}))

it('is the line that the clubs lie on, and one club with bad shots does not bend it', () => {
  const bent = points.map((point, i) => (i === 2 ? { ...point, logSpeed: point.logSpeed - 0.08 } : point))
  for (const clubs of [points, bent]) {
    const line = speedLine(clubs)!
    expect(line.slope).toBeCloseTo(0.6, 6)
    expect(line.logSpeedAt0).toBeCloseTo(0.8, 6)
  }
})

it('tells fat shots of one club from good shots of a shorter one', () => {
  const line = speedLine(points)!
  const lost = Math.log(0.82)
  const fat = onLine(line, points[3]!.logCarry + 1.35 * lost, points[3]!.logSpeed + lost, 0.006)
  const good = onLine(line, points[3]!.logCarry, points[3]!.logSpeed, 0.006)
  expect(good / fat).toBeGreaterThan(4)
})

it('is none through fewer than four clubs, or through clubs at one carry', () => {
  expect(speedLine(points.slice(0, 3))).toBeNull()
  expect(speedLine(points.map((point) => ({ ...point, logCarry: 5 })))).toBeNull()
})
