import { lstatSync } from 'node:fs'
import { copyOfToday } from '@/store/copies'
import { DataError } from '@/store/data-error'
import { dataFolder, databasePath } from '@/store/data-folder'
import { closeTheDatabase, theDatabase } from '@/store/database'
import { lockFolder } from '@/store/folder-lock'
import { removeStopped } from '@/store/shot-files'
import { endWorkers } from './workers'
import { notifyUpgrade, leaveNetwork, listenOnNetwork } from './gateway/network'
import { answerMalformed } from './malformed'
import { endAll } from './notices'
import { removeUploads } from './uploads'

const HOUR_MS = 3600_000
const FIRST_COPY_MS = 20_000
/** The server ends after this time in any case. Acknowledged shots are on disk already. */
const LONGEST_END_MS = 4000

/**
 * What a server does besides answering: it has its data folder for itself, makes a copy of all data a day, and closes
 * the database when it is told to stop, so that the file alone is whole.
 */
export function startServer(): void {
  const folder = dataFolder()
  try {
    const path = databasePath(folder)
    lockFolder(folder)
    if (lstatSync(path, { throwIfNoEntry: false })?.isSymbolicLink())
      console.warn(`${path} is a link. Banco uses and restores the file that it leads to.`)
  } catch (error) {
    console.error(error instanceof DataError ? error.message : error)
    process.exit(1)
  }
  try {
    while (removeStopped(theDatabase()));
  } catch (error) {
    // Every page shows this error, with the copies that can be restored.
    if (!(error instanceof DataError)) throw error
  }
  answerMalformed(notifyUpgrade)
  listenOnNetwork()
  removeUploads()
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.on(signal, async () => {
      setTimeout(() => process.exit(1), LONGEST_END_MS).unref()
      endAll()
      leaveNetwork()
      await endWorkers()
      closeTheDatabase()
      process.exit(0)
    })
  const copy = async () => {
    try {
      await copyOfToday(theDatabase(), folder, Date.now())
    } catch (error) {
      console.error(`The copy of today could not be made: ${(error as Error).message}`)
    }
  }
  setTimeout(copy, FIRST_COPY_MS).unref()
  setInterval(copy, HOUR_MS).unref()
}
