import Joi from 'joi'
import { check, refused, type Checked } from './check'
import { oddity } from './oddity'
import { storedJsonProblem } from './stored-json'

const row = Joi.object().pattern(
  Joi.string().max(60),
  Joi.alternatives(Joi.string().allow(''), Joi.number().unsafe(), Joi.valid(null)),
)
const DOCUMENT = Joi.object<{
  format: string
  schema?: number
  tables: Record<string, Record<string, string | number | null>[]>
}>({
  format: Joi.string().max(100).required(),
  schema: Joi.number().integer().min(1),
  tables: Joi.object().pattern(Joi.string().max(60), Joi.array().items(row)).required(),
})

/** Reads a golfer's document (docs/formats.md) as far as its shape; what its tables must be, the store knows. */
export function readGolferDocument(text: string): Checked<{
  format: string
  schema?: number
  tables: Record<string, Record<string, string | number | null>[]>
}> {
  let parsed: unknown
  try {
    parsed = JSON.parse(text)
  } catch (error) {
    return refused(
      '',
      `The file is not JSON (${(error as Error).message}): export the golfer again, or choose another.`,
    )
  }
  const odd = oddity(parsed)
  if (odd !== null) return refused('', odd)
  const checked = check(DOCUMENT, parsed)
  if (!checked.ok) return { ok: false, problems: checked.problems.slice(0, 5) }
  const [problem] = Object.entries(checked.value.tables).flatMap(([table, rows]) =>
    rows.flatMap((each) =>
      Object.entries(each).flatMap(([column, value]) => storedJsonProblem(table, column, value) ?? []),
    ),
  )
  return problem === undefined ? checked : refused('', problem)
}
