import { expect, it } from 'vitest'
import { acquireWriters, writing } from './writers'

/** A promise that somebody else resolves. */
function gate() {
  let open = () => {}
  const opened = new Promise<void>((resolve) => (open = resolve))
  return { open, opened }
}

it('a long write waits for the small ones under way, and those that come meanwhile wait for it', async () => {
  const order: string[] = []
  const small = gate()
  const first = writing(() => small.opened.then(() => order.push('first')))
  const held = acquireWriters().then((release) => {
    order.push('long')
    return release
  })
  const second = writing(() => order.push('second'))
  await new Promise((resolve) => setTimeout(resolve, 5))
  expect(order).toEqual([])
  small.open()
  await first
  const release = await held
  expect(order).toEqual(['first', 'long'])
  release()
  await second
  expect(order).toEqual(['first', 'long', 'second'])
})

it('two long writes have their turn one after the other', async () => {
  const release = await acquireWriters()
  const order: string[] = []
  const next = acquireWriters().then((end) => {
    order.push('second begins')
    end()
  })
  await new Promise((resolve) => setTimeout(resolve, 5))
  order.push('first ends')
  release()
  await next
  expect(order).toEqual(['first ends', 'second begins'])
})

it('a write that fails leaves nobody waiting', async () => {
  await expect(writing(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
  const release = await acquireWriters()
  release()
  expect(await writing(() => 'written')).toBe('written')
})
