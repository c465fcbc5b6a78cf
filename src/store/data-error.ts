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

/** The code of an error of SQLite or of the system; empty for anything else. */
export const errorCode = (error: unknown): string => {
  const code = (error as { code?: unknown } | null)?.code
  return typeof code === 'string' ? code : ''
}

/** The code of an error of SQLite; empty for anything else. */
export const sqliteCode = (error: unknown): string => {
  const code = errorCode(error)
  return code.startsWith('SQLITE_') ? code : ''
}

const DISK_FULL = 'The disk is full. Nothing was changed: make room, and try again.'
const NOT_WRITABLE =
  'The data folder cannot be written. Nothing was changed: give yourself the right to write it, and try again.'
const DISK_FAILS =
  'The disk does not take or give data. Nothing was changed: look after the disk, and try again.'

/** Codes of SQLite, and of the system where a file is written without it. */
const IN_WORDS: [code: string, sentence: string][] = [
  ['SQLITE_BUSY', 'The data are busy just now: another command writes them. Nothing was changed: try again.'],
  ['SQLITE_LOCKED', 'The data are busy just now. Nothing was changed: try again.'],
  ['SQLITE_FULL', DISK_FULL],
  ['ENOSPC', DISK_FULL],
  ['EDQUOT', DISK_FULL],
  ['SQLITE_READONLY', NOT_WRITABLE],
  ['EROFS', NOT_WRITABLE],
  ['EACCES', NOT_WRITABLE],
  ['EPERM', NOT_WRITABLE],
  ['SQLITE_IOERR', DISK_FAILS],
  ['EIO', DISK_FAILS],
  [
    'SQLITE_CANTOPEN',
    'The data file cannot be opened. Nothing was changed: look after the data folder, and try again.',
  ],
]

/** What keeps the data or a file from being written or read for now, in words; null for a fault of Banco's own. */
export function hindrance(error: unknown): string | null {
  const code = errorCode(error)
  return IN_WORDS.find(([known]) => code.startsWith(known))?.[1] ?? null
}

/** Whether a file is damaged, as far as SQLite can tell. */
export const isDamage = (error: unknown): boolean => /^SQLITE_(CORRUPT|NOTADB)/.test(sqliteCode(error))
