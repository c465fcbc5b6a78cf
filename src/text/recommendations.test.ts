import { expect, it } from 'vitest'
import type { Recommendation } from '@/core/gaps/beyond-shots'
import type { ClubId } from '@/core/model/ids'
import { helpWords, helpWorth } from './recommendations'

const ids = (...names: string[]) => names as ClubId[]
const words = (help: Recommendation) => helpWords(help, (id) => id)

it('says how many lofts are worth measuring, and which first', () => {
  expect(words({ kind: 'lofts', clubIds: ids('driver') })).toBe('Have the loft of the driver measured')
  expect(words({ kind: 'lofts', clubIds: ids('driver', '7-iron') })).toBe(
    'Have the lofts of the driver and the 7-iron measured',
  )
  expect(words({ kind: 'lofts', clubIds: ids('driver', '7-iron', '9-iron') })).toBe(
    'Have 3 lofts measured, those of the driver and the 7-iron first',
  )
})

it('prices in shots, roughly where there are many, and says where no number of shots does as much', () => {
  expect(helpWorth({ kind: 'strikes', shots: 9 })).toMatch(/Worth about 9 more shots\.$/)
  expect(helpWorth({ kind: 'rounds', shots: 28 })).toMatch(/Worth about 30 more shots\.$/)
  expect(helpWorth({ kind: 'another-day', shots: 240 })).toMatch(/Worth more than 100 more shots\.$/)
  expect(helpWorth({ kind: 'rounds' })).toMatch(/More shots of the same kind cannot replace it\.$/)
})
