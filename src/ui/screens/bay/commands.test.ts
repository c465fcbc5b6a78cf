import { expect, it } from 'vitest'
import { MARKS } from '@/core/model/mark'
import { command, COMMAND_IDS, MARK_KEY, PAD } from './commands'

it('no two commands share a key', () => {
  const keys = COMMAND_IDS.flatMap((id) => command(id).hotkey?.split(',') ?? [])
  expect(keys.length).toBeGreaterThan(15)
  expect(new Set(keys).size).toBe(keys.length)
})

it('every mark has a key of one letter, which its button shows and the page listens for', () => {
  for (const mark of MARKS) {
    expect(MARK_KEY[mark]).toMatch(/^[A-Z]$/)
    expect(command(mark)).toMatchObject({
      key: MARK_KEY[mark],
      hotkey: MARK_KEY[mark].toLowerCase(),
    })
  }
})

it('the pad types every carry that the entry reads, and takes back its last sign', () => {
  const press = (text: string, key: string) => PAD.find((each) => each.key === key)!.types(text)
  expect(['1', '2', '9', '.', '5', '␣', '3', 'L', '⌫', 'R'].reduce(press, '')).toBe('129.5 3r')
  expect(press('', '⌫')).toBe('')
  expect(new Set(PAD.map(({ name }) => name)).size).toBe(PAD.length)
})
