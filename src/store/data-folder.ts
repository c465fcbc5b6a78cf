import { mkdirSync, statSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'

/** Where the golfer's own data lives: `BANCO_DATA`, or a folder of the user's, never the sources. */
export function dataFolder(env: Readonly<Record<string, string | undefined>> = process.env): string {
  if (env.BANCO_DATA) return env.BANCO_DATA
  return join(env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'), 'banco')
}

/**
 * The path of the database in `folder`, which is made if it is missing.
 * @throws DataFolderError where a file stands in the way or the folder cannot be written.
 */
export function databasePath(folder: string): string {
  try {
    if (!statSync(folder).isDirectory()) {
      throw new DataFolderError(
        `${folder} is a file, and Banco needs a folder there for its data. Move the file away, or set BANCO_DATA to another folder.`,
      )
    }
  } catch (error) {
    if (error instanceof DataFolderError) throw error
    try {
      mkdirSync(folder, { recursive: true, mode: 0o700 })
    } catch (cause) {
      throw new DataFolderError(
        `Banco cannot make its data folder ${folder} (${(cause as Error).message}). Set BANCO_DATA to a folder that can be written.`,
      )
    }
  }
  return join(folder, 'banco.db')
}

export class DataFolderError extends Error {}
