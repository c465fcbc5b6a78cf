import { Readable, Writable } from 'node:stream'
import { expect, it } from 'vitest'
import { ANALYSE } from './analyse'

async function responses(lines: string[]) {
  const written = { out: '', err: '' }
  const into = (key: 'out' | 'err') =>
    new Writable({
      write(chunk, _encoding, done) {
        written[key] += chunk
        done()
      },
    })
  const code = await ANALYSE.run({
    input: Readable.from([lines.join('\n')]),
    output: into('out'),
    errors: into('err'),
  })
  return {
    code,
    out: written.out
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>),
    err: written.err,
  }
}

const good = JSON.stringify({
  clubs: [{ id: 'a', kind: 'iron', loftDeg: null, order: 0 }],
  shots: [{ id: '1', clubId: 'a', swing: 'full', sequence: 0, carryM: 120 }],
})

it('answers line by line, a bad one in its place', async () => {
  const { code, out, err } = await responses([good, 'nonsense', '{"clubs":[]}', good])
  expect(code).toBe(2)
  expect(out).toHaveLength(4)
  expect(out[0]).toEqual(out[3])
  expect(out[1]).toEqual({ error: expect.stringContaining('not JSON') })
  expect(out[2]).toEqual({ error: '"shots" is missing: add it.' })
  expect(err).toContain('Line 2: ')
})

it('takes measured numbers as they come: what they are worth the core decides', async () => {
  const odd = good.replace('"carryM":120', '"carryM":1e300,"spinRpm":null')
  const { code, out } = await responses([odd])
  expect(code).toBe(0)
  expect(out[0]).toMatchObject({ stocks: [{ count: 0 }], shots: [{ mark: 'misread' }] })
})
