import { ESLint } from 'eslint'
import { expect, it } from 'vitest'

const OLD = `
export type Stair = { steps: number[] }
export const stairOfBag = (told: Stair) => told.steps
export const besideStocks = (school: { uncleared: boolean }) => school.uncleared
`

/** What lint says of a text in a file of the core. */
async function faultsOf(text: string): Promise<string[]> {
  const [result] = await new ESLint().lintText(text, { filePath: 'src/core/gaps/cover.ts' })
  return (result?.messages ?? []).map(({ ruleId, message }) => `${ruleId}: ${/'(\w+)'/.exec(message)?.[1]}`)
}

it('lint refuses the names that the glossary replaced, whole and as parts of a name', async () => {
  const faults = await faultsOf(OLD)
  for (const name of ['Stair', 'steps', 'told', 'school', 'uncleared'])
    expect(faults).toContain(`id-denylist: ${name}`)
  for (const name of ['stairOfBag', 'besideStocks']) expect(faults).toContain(`id-match: ${name}`)
  expect(await faultsOf('export const gapsOfBag = (rule: string): string => rule\n')).toEqual([])
})
