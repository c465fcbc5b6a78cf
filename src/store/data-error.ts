/** What is wrong with the data as a whole, with a sentence for the golfer: nothing can be read or kept until it is mended. */
export class DataError extends Error {
  constructor(
    sentence: string,
    /** A copy or a backup that is put back mends it. */
    readonly restorable = false,
  ) {
    super(sentence)
  }
}

/** SQLite's own word for what went wrong; empty for anything else. */
export const sqliteCode = (error: unknown): string => {
  const code = (error as { code?: unknown } | null)?.code
  return typeof code === 'string' && code.startsWith('SQLITE_') ? code : ''
}

const IN_WORDS: [code: string, sentence: string][] = [
  ['SQLITE_BUSY', 'The data are busy just now: another command writes them. Nothing was changed: try again.'],
  ['SQLITE_LOCKED', 'The data are busy just now. Nothing was changed: try again.'],
  ['SQLITE_FULL', 'The disk is full. Nothing was changed: make room, and try again.'],
  [
    'SQLITE_READONLY',
    'The data folder cannot be written. Nothing was changed: give yourself the right to write it, and try again.',
  ],
  [
    'SQLITE_IOERR',
    'The disk does not take or give data. Nothing was changed: look after the disk, and try again.',
  ],
  [
    'SQLITE_CANTOPEN',
    'The data file cannot be opened. Nothing was changed: look after the data folder, and try again.',
  ],
]

/** What keeps the database from doing its work for now, in words; null for a fault of Banco's own. */
export const hindrance = (error: unknown): string | null =>
  IN_WORDS.find(([code]) => sqliteCode(error).startsWith(code))?.[1] ?? null

/** Whether a file is damaged, as far as SQLite can tell. */
export const isDamage = (error: unknown): boolean => /^SQLITE_(CORRUPT|NOTADB)/.test(sqliteCode(error))
