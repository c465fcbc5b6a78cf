import Joi from 'joi'
import type { Range } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'

/** What a form must be: made in this layer, used by those that take forms. */
export type BodySchema<T> = Joi.Schema<T>
export type Checked<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

/** Checks something from outside. Finds every problem, converts nothing, refuses unknown fields. */
export function check<T>(schema: BodySchema<T>, input: unknown): Checked<T> {
  const { value, error } = schema.validate(input, { abortEarly: false, convert: false })
  if (!error) return { ok: true, value: value as T }
  return {
    ok: false,
    problems: error.details.map((fault) => ({ field: fault.path.join('.'), sentence: sentence(fault) })),
  }
}

/** Checks one line of a command's input: a JSON document. */
export function checkLine<T>(schema: BodySchema<T>, line: string): Checked<T> {
  let parsed: unknown
  try {
    parsed = JSON.parse(line)
  } catch (error) {
    return refused('', `This line is not JSON: ${(error as Error).message}.`)
  }
  return check(schema, parsed)
}

/** A number in one of the core's ranges, its ends with it. */
export const within = ({ least, most }: Range): Joi.NumberSchema => Joi.number().min(least).max(most)

/**
 * A name that somebody gives to something new. It is used in addresses and file names: without control characters, halves of
 * characters, slashes and percent signs, and neither "." nor "..".
 */
export const newId = <T extends string>(): Joi.StringSchema<T> =>
  Joi.string<T>()
    .max(100)
    .pattern(/^(?!\.{1,2}$)[^\p{Cc}\p{Cs}/\\%]+$/u)

/** Refuses a value with a sentence of its own. */
export const problem = (sentence: string) => (): never => {
  throw new Error(sentence)
}

export const refused = (field: string, text: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ field, sentence: text }],
})

function sentence({ type, path, context = {} }: Joi.ValidationErrorItem): string {
  const field = path.length > 0 ? `"${path.join('.')}"` : 'The document'
  const is = `, and is ${shown(context.value)}.`
  switch (type) {
    case 'any.required':
      return `${field} is missing: add it.`
    case 'object.unknown':
      return `${field} is not a field that Banco knows: leave it out.`
    case 'any.only':
      return `${field} must be one of ${(context.valids as unknown[]).map(shown).join(', ')}${is}`
    case 'number.base':
    case 'number.infinity':
    case 'number.unsafe':
      return `${field} must be a number${is}`
    case 'number.integer':
      return `${field} must be a whole number${is}`
    case 'number.min':
    case 'number.greater':
      return `${field} must be ${type === 'number.min' ? 'at least' : 'over'} ${context.limit}${is}`
    case 'number.max':
    case 'number.less':
      return `${field} must be ${type === 'number.max' ? 'at most' : 'under'} ${context.limit}${is}`
    case 'string.empty':
      return `${field} is empty: fill it in.`
    case 'string.pattern.base':
      return `${field} has something in it that an id cannot have: use letters, digits and dashes.`
    case 'array.max':
      return `${field} has more than ${context.limit} entries: leave some out.`
    case 'array.min':
      return `${field} must have at least ${count(context.limit as number)}: add what is missing.`
    case 'array.unique':
      return `${field} stands there twice: leave one out.`
    case 'string.max':
      return `${field} has more than ${context.limit} characters: shorten it.`
    case 'string.base':
      return `${field} must be text${is}`
    case 'array.base':
      return `${field} must be a list${is}`
    case 'object.base':
      return `${field} must be an object with named fields${is}`
    case 'object.xor':
    case 'object.missing':
      return `Say just one of ${(context.peers as string[]).map((peer) => `"${peer}"`).join(' and ')}.`
    case 'any.custom':
      return (context.error as Error).message
    default:
      return `${field} is not as it should be (${type})${is}`
  }
}

function shown(value: unknown): string {
  const text = JSON.stringify(value) ?? String(value)
  return text.length > 60 ? `${text.slice(0, 57)}…` : text
}

const count = (entries: number): string => (entries === 1 ? '1 entry' : `${entries} entries`)
