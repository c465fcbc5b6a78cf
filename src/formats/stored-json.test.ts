import { expect, it } from 'vitest'
import { readGolferDocument } from './golfer-document'
import { STORED_JSON, storedJsonProblem } from './stored-json'

it.each([
  ['set_up', 'checks', '5'],
  ['set_up', 'checks', '[5]'],
  ['set_up', 'checks', 'no JSON'],
  ['set_up', 'monitor_computes', '["speed of light"]'],
  ['club_set_up', 'build', '{"head":"paper"}'],
  ['club_set_up', 'build', '{"bounceDeg":"ten"}'],
  ['tried_refit', 'fixes', '[{"kind":"bend"}]'],
  ['left_on_purpose', 'about', '{"kind":"step"}'],
  ['ball_factor', 'factors', '[{"factor":-1,"ballSpeedMps":null,"half":0}]'],
  ['golfer', 'sureness', '{"water":7}'],
])('%s.%s does not take %s from a file, and says which it is', (table, column, value) => {
  expect(storedJsonProblem(table, column, value)).toContain(`"${column}" of "${table}"`)
  const text = JSON.stringify({ format: 'banco-golfer/2', tables: { [table]: [{ [column]: value }] } })
  expect(readGolferDocument(text)).toMatchObject({ ok: false })
})

it('takes what Banco writes there, nothing, and columns that hold no JSON', () => {
  for (const [table, column, value] of [
    ['set_up', 'checks', '[{"what":"level","touches":"side","checked":true}]'],
    ['club_set_up', 'build', '{"head":"forged","bounceDeg":8,"later":1}'],
    ['tried_refit', 'fixes', '[{"kind":"add","loftDeg":20,"carryM":160}]'],
    ['set_up', 'checks', null],
    ['shot', 'posted', '5'],
  ] as const)
    expect(storedJsonProblem(table, column, value)).toBeNull()
  expect(STORED_JSON.columns).toContainEqual(['set_up', 'checks'])
})
