// A process beside the one that answers. It has the data open for itself and does one work after the other, until the
// one that started it is gone.
import { databasePath, dataFolder } from '@/store/data-folder'
import { DataError, errorCode } from '@/store/data-error'
import { openDatabase, type Database } from '@/store/database'
import type { Asked, Said } from './messages'
import { WorkRefused, type Kind, type Way } from './work'
import { WORKS } from './works'

let database: Database | null = null
/** Where somebody works with the data, they are whole and up to date: they are not looked through again. */
const data = (): Database => (database ??= openDatabase(databasePath(dataFolder())))

const going = new Map<number, () => void>()
/** Where nobody listens any more this process ends: nothing is to be done about what could not be said. */
const say = (said: Said): void => void process.send?.(said, undefined, undefined, () => {})

async function work(number: number, kind: Kind, ask: unknown): Promise<void> {
  const way: Way = {
    tell: (progress) => say({ number, says: 'progress', progress }),
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
    const answer = await WORKS[kind](data, ask as never, way)
    say({ number, says: 'done', answer })
  } catch (error) {
    if (error instanceof WorkRefused)
      return say({ number, says: 'refused', status: error.status, problems: error.problems })
    const { message } = error as Error
    say({ number, says: 'failed', message, code: errorCode(error), inWords: error instanceof DataError })
  }
}

process.on('message', (asked: Asked) => {
  if (asked.kind === 'go') going.get(asked.number)?.()
  else if (asked.kind === 'let go') {
    database?.close()
    database = null
    say({ number: asked.number, says: 'done', answer: null })
  } else void work(asked.number, asked.kind, asked.ask)
})
process.on('disconnect', () => process.exit())
// A key that ends the server in a terminal is sent to this process as well: the server says when it ends.
process.on('SIGINT', () => {})
