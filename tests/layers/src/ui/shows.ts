import Database from 'better-sqlite3'

export type Shown = { database: Database.Database }
