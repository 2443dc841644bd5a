import Dexie, { type EntityTable, type Table, type Transaction } from 'dexie'
import { levelsHoldFrom } from '@/core/log'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Rows } from './rows/schemas'
import type {
  ChangeRecord,
  DamagedRow,
  DataTable,
  FeedRecord,
  PhotoRecord,
  RowChange,
} from './tables'

type Tables = { [T in DataTable]: EntityTable<Rows[T], 'id'> } & {
  changes: EntityTable<ChangeRecord, 'seq'>
  feed: EntityTable<FeedRecord, 'seq'>
  damaged: EntityTable<DamagedRow, 'id'>
  kept: EntityTable<{ id: string; value: unknown }, 'id'>
  /** Pictures by the id of their row, and small ones of them. */
  photos: EntityTable<PhotoRecord, 'id'>
  thumbs: EntityTable<PhotoRecord, 'id'>
}

/** The browser's copy of the modeller's data. */
export type Db = Dexie & Tables

/** The name of the browser's database, and the version that this code reads and writes. */
export const DATABASE = 'tectoria'
export const DATABASE_VERSION = 9

/** All tables but those of pictures: a change of rows never waits for a picture, nor carries one. */
export function rowTables({ tables }: Db): Table[] {
  return tables.filter(({ name }) => name !== 'photos' && name !== 'thumbs')
}

/**
 * Opens the database. Version 2 has the modeller's own techniques, version 3 pins and timers, version 4 tools; version 5 has
 * indexes of the log, what was written for other tabs, damaged rows, the plan that was made last, and bottles whose level follows from the log;
 * version 6 has meshes; version 7 what is known of pictures, test pieces and accidents, and the pictures themselves apart from all rows;
 * version 8 finds changes by their tab, and their names without their rows; version 9 finds acts by their kind, and by the act that they
 * correct.
 *
 * What is confirmed is on the disk: a phone that dies a moment later has it.
 */
export function openDatabase(name = DATABASE): Db {
  const db = new Dexie(name, { chromeTransactionDurability: 'strict' }) as Db
  db.version(1).stores({
    builds: 'id',
    shelf: 'id',
    mixes: 'id',
    acts: 'id, at',
    climate: 'id, at',
    panels: 'id',
    corrections: 'id',
    single: 'id',
    changes: '++seq',
  })
  db.version(2).stores({ techniques: 'id' })
  db.version(3).stores({ pins: 'id', timers: 'id' })
  db.version(4).stores({ tools: 'id' })
  db.version(5)
    .stores({
      acts: 'id, at, undoes, bottle, mix, [build+part+step]',
      changes: '++seq, undone',
      feed: '++seq',
      damaged: 'id, table',
      kept: 'id',
    })
    .upgrade(levelsSince)
  db.version(6).stores({ meshes: 'id' })
  db.version(7).stores({
    pictures: 'id',
    tests: 'id',
    accidents: 'id',
    photos: 'id',
    thumbs: 'id',
  })
  db.version(8).stores({ changes: '++seq, undone, by, [seq+label]' })
  db.version(DATABASE_VERSION).stores({
    acts: 'id, at, undoes, corrects, kind, [build+part+step]',
  })
  return db
}

/** What was drawn from a bottle until now is in its row; what comes is in the log. */
async function levelsSince(transaction: Transaction): Promise<void> {
  const acts: LoggedAct[] = await transaction.table('acts').toArray()
  const leftSince = levelsHoldFrom(acts, Date.now())
  const since = <T>(row: T): T =>
    typeof row === 'object' && row !== null ? { ...row, leftSince } : row
  await transaction.table('shelf').toCollection().modify({ leftSince })
  await transaction
    .table<ChangeRecord>('changes')
    .toCollection()
    .modify((change) => {
      change.rows = change.rows.map(
        (row): RowChange =>
          row.table === 'shelf'
            ? { ...row, before: since(row.before), after: since(row.after) }
            : row,
      )
    })
}
