import { expect, it } from 'vitest'
import { clubNamed } from './club-named'

it.each([
  ['Driver', 'driver', null],
  ['5H', 'hybrid', null],
  ['4-hybrid', 'hybrid', null],
  ['7 Iron', 'iron', null],
  ['3 Wood', 'wood', null],
  ['5W', 'wood', null],
  ['PW', 'wedge', null],
  ['54° wedge', 'wedge', 54],
  ['52', 'wedge', 52],
  ['Wedge 58,5', 'wedge', 58.5],
  ['Putter', 'putter', null],
])('%s is a %s', (name, kind, loftDeg) => {
  expect(clubNamed(name)).toEqual({ name, kind, loftDeg })
})
