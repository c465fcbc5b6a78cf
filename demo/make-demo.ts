import { existsSync, rmSync } from 'node:fs'
import { dataFolder, databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { makeDemoIn } from './make-demo-in'

/** Makes the demo's database in BANCO_DATA, unless it is there; `--fresh` makes it anew. */
const path = databasePath(dataFolder())
const fresh = process.argv.includes('--fresh')
if (fresh) for (const end of ['', '-wal', '-shm']) rmSync(path + end, { force: true })
if (existsSync(path)) {
  openDatabase(path).close()
  console.log(`· Demo data is there: ${path}`)
} else {
  makeDemoIn(dataFolder())
  console.log(`· Demo data made: ${path}`)
}
