import { databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { DEMO_SEED, fillNetLoft } from './net-loft'

/** Makes the demo's database in an empty data folder, as if it were hit until now. */
export function makeDemoIn(folder: string): void {
  const db = openDatabase(databasePath(folder))
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: Date.now() })
  db.close()
}
