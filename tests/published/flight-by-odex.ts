import { densityOf, viscosityOf } from '../../src/core/flight/air'
import { type Air } from '../../src/core/model/air'
import { BALL, dragOf, liftOf, type Launch } from '../../src/core/flight/fly'
import { Solver } from './odex'

const RADIAN = Math.PI / 180

/** The same laws of flight, written down apart from Banco's and integrated by a general-purpose solver of differential equations. */
export function equations(launch: Launch, air: Air) {
  const rho = densityOf(air)
  const area = Math.PI * BALL.radiusM ** 2
  const [theta, phi, tilt] = [launch.launchDeg, launch.azimuthDeg ?? 0, launch.spinAxisDeg ?? 0].map(
    (deg) => deg * RADIAN,
  ) as [number, number, number]
  const forward = [Math.cos(theta) * Math.cos(phi), Math.sin(theta), Math.cos(theta) * Math.sin(phi)] as const
  const right = [-Math.sin(phi), 0, Math.cos(phi)] as const
  const above = cross(right, forward)
  const axis = [0, 1, 2].map((i) => Math.cos(tilt) * right[i]! - Math.sin(tilt) * above[i]!) as [
    number,
    number,
    number,
  ]
  const start = [
    0,
    0,
    0,
    ...forward.map((part) => part * launch.ballSpeedMps),
    (launch.spinRpm * 2 * Math.PI) / 60,
  ]
  const slope = (_time: number, y: number[]): number[] => {
    const v = [y[3]! - air.tailwindMps, y[4]!, y[5]! - air.crosswindMps] as const
    const speed = Math.hypot(...v)
    const spin = y[6]!
    const ratio = (BALL.radiusM * spin) / speed
    const pressure = (0.5 * rho * area * speed * speed) / BALL.massKg
    const drag = dragOf(ratio, (rho * speed * 2 * BALL.radiusM) / viscosityOf(air))
    const lifted = cross(axis, v)
    const along = [0, 1, 2].map((i) => (pressure * (-drag * v[i]! + liftOf(ratio) * lifted[i]!)) / speed)
    return [
      y[3]!,
      y[4]!,
      y[5]!,
      along[0]!,
      along[1]! - 9.80665,
      along[2]!,
      -2.0e-5 * (rho / 1.2) * (speed / BALL.radiusM) * spin,
    ]
  }
  return { start, slope }
}

/** Where such a ball lands, from a time that is near the landing: down the line and to the right. */
export function landingByOdex(
  launch: Launch,
  air: Air,
  nearS: number,
  tolerance = 1e-12,
): { carryM: number; offlineM: number } {
  const { start, slope } = equations(launch, air)
  const solver = new Solver(7)
  solver.absoluteTolerance = solver.relativeTolerance = tolerance
  let time = nearS
  for (let i = 0; i < 12; i++) {
    const { y } = solver.solve(slope, 0, start, time)
    if (Math.abs(y[1]!) < 1e-9) return { carryM: y[0]!, offlineM: y[2]! }
    time -= y[1]! / y[4]!
  }
  throw new Error('the landing was not found')
}

const cross = (a: readonly [number, number, number], b: readonly [number, number, number]) =>
  [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]] as const
