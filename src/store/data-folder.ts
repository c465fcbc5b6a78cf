import { mkdirSync, readdirSync, statSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'
import { DataError } from './data-error'

/** Where the golfer's own data lives: `BANCO_DATA`, or a folder of the user's, never the sources. */
export function dataFolder(env: Readonly<Record<string, string | undefined>> = process.env): string {
  if (env.BANCO_DATA) return env.BANCO_DATA
  return join(env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'), 'banco')
}

/**
 * The path of the database in `folder`, which is made if it is missing.
 * @throws DataError where a file stands in the way or the folder cannot be written.
 */
export function databasePath(folder: string): string {
  let there: boolean
  try {
    there = statSync(folder).isDirectory()
  } catch {
    make(folder)
    there = true
  }
  if (!there)
    throw new DataError(
      `${folder} is a file, and Banco needs a folder there for its data. Move the file away, or set BANCO_DATA to another folder.`,
    )
  return join(folder, 'banco.db')
}

function make(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
  } catch (cause) {
    throw new DataError(
      `Banco cannot make its data folder ${folder} (${(cause as Error).message}). Set BANCO_DATA to a folder that can be written.`,
    )
  }
}

/** Where the daily copies of a data folder lie. */
export const copiesFolder = (folder: string): string => join(folder, 'copies')

/** Earlier states of the data that lie in a folder: daily copies, and what was there before a restore. */
export function keptCopies(folder: string): string[] {
  const files = (path: string) => {
    try {
      return readdirSync(path).map((name) => join(path, name))
    } catch {
      return []
    }
  }
  return [
    ...files(folder).filter((path) => /banco-before-\d+\.db$/.test(path)),
    ...files(copiesFolder(folder)).filter((path) => path.endsWith('.db')),
  ]
}
