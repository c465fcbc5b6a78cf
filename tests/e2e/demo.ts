import { databasePath } from '../../src/store/data-folder'
import { openDatabase } from '../../src/store/database'
import type { BancoServer } from '../../demo/banco-server'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'

/** Fills the data of a server that stands still with the net loft at Tarnwick. */
export function makeDemo(banco: BancoServer): void {
  const db = openDatabase(databasePath(banco.data))
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: Date.now() })
  db.close()
}
