// A worker process beside the server. It has the data open for itself and does one work after the other, until the
// one that started it is gone.
import { databasePath, dataFolder } from '@/store/data-folder'
import { DataError, errorCode } from '@/store/data-error'
import { openDatabase, type Database } from '@/store/database'
import type { WorkRequest, WorkReply } from './messages'
import { WorkRefused, type Kind, type WorkContext } from './work'
import { WORKS } from './works'

let database: Database | null = null
/** Where somebody works with the data, they are whole and up to date: they are not looked through again. */
const data = (): Database => (database ??= openDatabase(databasePath(dataFolder())))

const going = new Map<number, () => void>()
/** Where nobody listens any more this process ends: nothing is to be done about what could not be said. */
const say = (message: WorkReply): void => void process.send?.(message, undefined, undefined, () => {})

async function work(number: number, kind: Kind, ask: unknown): Promise<void> {
  const context: WorkContext = {
    onProgress: (progress) => say({ number, says: 'progress', progress }),
    write: async (work) => {
      await new Promise<void>((resolve) => {
        going.set(number, resolve)
        say({ number, says: 'wants to write' })
      })
      try {
        return work()
      } finally {
        say({ number, says: 'has written' })
      }
    },
  }
  try {
    const result = await WORKS[kind](data, ask as never, context)
    say({ number, says: 'done', result })
  } catch (error) {
    if (error instanceof WorkRefused)
      return say({ number, says: 'refused', status: error.status, problems: error.problems })
    const { message } = error as Error
    say({ number, says: 'failed', message, code: errorCode(error), inWords: error instanceof DataError })
  }
}

process.on('message', (request: WorkRequest) => {
  if (request.kind === 'go') going.get(request.number)?.()
  else if (request.kind === 'let go') {
    database?.close()
    database = null
    say({ number: request.number, says: 'done', result: null })
  } else void work(request.number, request.kind, request.ask)
})
process.on('disconnect', () => process.exit())
// A key that ends the server in a terminal is sent to this process as well: the server says when it ends.
process.on('SIGINT', () => {})
