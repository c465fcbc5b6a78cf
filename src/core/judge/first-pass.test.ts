import { expect, it } from 'vitest'
import { goodBag, hit, read, SIX, speedFor } from '../../../tests/shots'
import type { Shot } from '../shots/shot'
import { firstPass } from './first-pass'

function out(shots: Shot[]): string[] {
  const { readings } = read(SIX, shots)
  const weights = firstPass(readings, new Set())
  return readings.filter(({ index }) => weights[index] === 0).map(({ shot }) => shot.id)
}

it('leaves a fat shot out, and a shot 5% short with normal speed in', () => {
  const fat = hit('7-iron', [96.8])
  expect(out([...hit('7-iron', [163.4, 159.2]), ...fat, ...hit('7-iron', [161, 164.6])])).toEqual([
    fat[0]!.id,
  ])
  const short = hit('7-iron', [152], { ballSpeedMps: speedFor(160), launchDeg: 19.5 })
  expect(out([...goodBag(), ...short])).toEqual([])
})

it('never leaves everything of a station out', () => {
  const far = hit('7-iron', [20, 300])
  expect(out([...goodBag(3).filter(({ clubId }) => clubId !== '7-iron'), ...far]).length).toBeLessThan(2)
})

it('obeys the golfer’s marks', () => {
  const shots = [...hit('7-iron', [160, 161, 159, 158]), ...hit('7-iron', [90], { mark: 'solid' })]
  shots[1]!.mark = 'fat'
  expect(out(shots)).toEqual([shots[1]!.id])
})
