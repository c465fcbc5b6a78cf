import { describe, expect, it } from 'vitest'
import { densityOf, pressureAt, viscosityOf, windShare } from './air'

const at = (tempC: number, humidity: number, pressureHpa = 1013.25) => ({ tempC, pressureHpa, humidity })

describe('air', () => {
  // CIPM-2007 (Picard et al. 2008), values computed apart from Banco; CoolProp agrees within 0.005%.
  it.each([
    [20, 0, 1.20456],
    [20, 0.5, 1.19931],
    [30, 0.5, 1.15551],
    [0, 0.5, 1.29158],
  ])('at %d °C and humidity %d weighs %d kg/m³', (tempC, humidity, density) => {
    expect(densityOf(at(tempC, humidity))).toBeCloseTo(density, 5)
  })

  // ISO 2533 / ICAO standard atmosphere, printed: altitude, temperature, pressure, density of dry air.
  it.each([
    [0, 15, 1013.25, 1.225],
    [1000, 8.5, 898.746, 1.11164],
    [2000, 2, 794.952, 1.00649],
  ])('at %d m stands at the standard atmosphere', (altitudeM, tempC, pressureHpa, density) => {
    expect(pressureAt(altitudeM)).toBeCloseTo(pressureHpa, 1)
    // The standard's air is an ideal gas; CIPM's differs by up to 0.04%.
    expect(densityOf(at(tempC, 0, pressureHpa)) / density).toBeCloseTo(1, 3)
  })

  // Sutherland's formula, as the standard atmosphere prints it at 15 °C.
  it('is as thick as Sutherland says', () => {
    expect(viscosityOf({ tempC: 15 })).toBeCloseTo(1.7894e-5, 9)
  })

  it('blows less near the ground', () => {
    expect(windShare(10, 10)).toBe(1)
    expect(windShare(0.02, 10)).toBe(0)
    // Logarithmic profile over 0.03 m: ln(2/0.03) / ln(10/0.03).
    expect(windShare(2, 10)).toBeCloseTo(4.1997 / 5.8091, 4)
  })
})
