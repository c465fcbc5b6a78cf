/** Nobody nests what Banco takes any deeper. */
const DEEPEST = 50

/**
 * What no document from outside may hold, whatever its form: text with a NUL in it, which a database cuts off there, or
 * lists in lists without end.
 * @returns a sentence; null where there is nothing of the kind
 */
export function oddity(value: unknown, depth = 0): string | null {
  if (typeof value === 'string')
    return value.includes('\0') ? 'A text has a character in it that no text has (NUL): take it out.' : null
  if (typeof value !== 'object' || value === null) return null
  if (depth >= DEEPEST) return `The document is nested over ${DEEPEST} deep: send it as it is described.`
  for (const [key, each] of Object.entries(value)) {
    const found = oddity(key, depth + 1) ?? oddity(each, depth + 1)
    if (found !== null) return found
  }
  return null
}
