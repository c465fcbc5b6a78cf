import cdf from '@stdlib/stats-base-dists-normal-cdf'
import { expect, it } from 'vitest'
import { blurredEven, density, phi } from './normal'

const Z = Array.from({ length: 4001 }, (_, i) => -10 + i / 200 + 0.0013)

it('the table is within 5e-7 of the library’s distribution function', () => {
  const worst = Math.max(...Z.map((z) => Math.abs(phi(z) - cdf(z, 0, 1))))
  expect(worst).toBeLessThan(5e-7)
})

it('the density is that of the closed form', () => {
  for (const z of Z) {
    const exact = Math.exp(-((z / 2) ** 2) / 2) / (2 * Math.sqrt(2 * Math.PI))
    expect(Math.abs(density(z, 2) - exact)).toBeLessThan(1e-6)
  }
})

it('something even and blurred holds one in all, and is flat in its middle', () => {
  const every = 0.001
  let sum = 0
  for (let x = -1; x < 1; x += every) sum += blurredEven(x, -0.4, -0.04, 0.03) * every
  expect(sum).toBeCloseTo(1, 4)
  expect(blurredEven(-0.2, -0.4, -0.04, 0.03)).toBeCloseTo(1 / 0.36, 4)
})
