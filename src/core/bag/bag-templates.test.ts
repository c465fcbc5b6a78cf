import { expect, it } from 'vitest'
import { yards } from '../units'
import { BAG_TEMPLATES, templatesFor } from './bag-templates'

it.each([
  [{ level: 'beginner', driverM: yards(230), bagWish: 'full' }, 'seven'],
  [{ level: null, driverM: yards(150), bagWish: null }, 'seven'],
  [{ level: 'improver', driverM: yards(200), bagWish: null }, 'smooth'],
  [{ level: 'improver', driverM: yards(200), bagWish: 'light' }, 'light'],
  [{ level: 'single-figure', driverM: yards(250), bagWish: null }, 'fourteen'],
  [{ level: null, driverM: null, bagWish: null }, 'fourteen'],
] as const)('%j is offered the bag %s first, and every other one after it', (wish, first) => {
  const offered = templatesFor(wish).map(({ key }) => key)
  expect(offered[0]).toBe(first)
  expect(offered.toSorted()).toEqual(BAG_TEMPLATES.map(({ key }) => key).toSorted())
})
