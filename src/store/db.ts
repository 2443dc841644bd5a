import Dexie, { type EntityTable } from 'dexie'
import type { ClimateReading, Pin, Timer } from '@/core/model/bench'
import type { Bottle } from '@/core/model/bottle'
import type { Build } from '@/core/model/build'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { StoredMix } from '@/core/model/mix'
import type { Sessions } from '@/core/model/sessions'
import type { OwnTechnique } from '@/core/model/technique'
import type { BenchTool } from '@/core/model/tool'

/** A row of any list that later versions may fill; kept as it came. */
export type KeptRow = { id: string; [field: string]: unknown }

/** The one row of what there is only one of: when the modeller is at the bench, and unknown fields of the project. */
export type SingleRow =
  | { id: 'sessions'; value: Sessions | null }
  | { id: 'extra'; value: Record<string, unknown> }

/** Tables whose rows travel in a project file. */
export const DATA_TABLES = [
  'builds',
  'shelf',
  'mixes',
  'acts',
  'climate',
  'panels',
  'corrections',
  'techniques',
  'pins',
  'timers',
  'tools',
  'single',
] as const
export type DataTable = (typeof DATA_TABLES)[number]

/** One row before and after a change; null: it wasn't, or isn't, there. */
export type RowChange = { table: DataTable; id: string; before: unknown; after: unknown }

/** A change of the documents that can be taken back. */
export type ChangeRecord = { seq?: number; at: number; label: string; rows: RowChange[] }

type Tables = {
  builds: EntityTable<Build, 'id'>
  shelf: EntityTable<Bottle, 'id'>
  mixes: EntityTable<StoredMix, 'id'>
  acts: EntityTable<LoggedAct, 'id'>
  climate: EntityTable<ClimateReading, 'id'>
  panels: EntityTable<KeptRow, 'id'>
  corrections: EntityTable<KeptRow, 'id'>
  techniques: EntityTable<OwnTechnique, 'id'>
  pins: EntityTable<Pin, 'id'>
  timers: EntityTable<Timer, 'id'>
  tools: EntityTable<BenchTool, 'id'>
  single: EntityTable<SingleRow, 'id'>
  changes: EntityTable<ChangeRecord, 'seq'>
}

/** The browser's copy of the modeller's data. Version 2 has the modeller's own techniques, version 3 pins and timers, version 4 tools. */
export const db = new Dexie('tectoria') as Dexie & Tables

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
