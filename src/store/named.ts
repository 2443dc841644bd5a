import { forgetAccident, keepAccident } from './actions/accidents'
import { correctAct, logAct, logFault, note, useTool } from './actions/acts'
import {
  fixCorrection,
  freeCorrection,
  keepReadings,
  keepVariant,
  noteClimate,
  pin,
  removeTechnique,
  removeTechniqueStep,
  removeVariant,
  saveTechnique,
  setSessions,
  startTimer,
  stopTimer,
  unpin,
} from './actions/bench'
import {
  acceptFinding,
  addBuild,
  editBuild,
  orderBuilds,
  removeBuild,
  takeOverBuild,
} from './actions/builds'
import { bringBack } from './actions/copies'
import { copiesHere, copyText, dropCopy, keepCopyNow, keepDailyHere } from './actions/copiesHere'
import { damagedRows, dropDamaged, mendDamaged } from './actions/damaged'
import { forgetChanges, importWithPhotos, isEmpty, loadDemo, wipe } from './actions/documents'
import { clashesWith, mergeProject } from './actions/merge'
import { addPictures, changePicture, pictureIds, removePicture } from './actions/pictures'
import { changeRow } from './actions/rows'
import {
  addBottle,
  addBottles,
  addTool,
  changeBottles,
  changeMix,
  importBottles,
  keepMix,
  keepSwatch,
  pourInto,
  removeBottles,
  removeMix,
  removeTool,
} from './actions/shelf'
import { addTest, changeTest, chooseTried, removeTest } from './actions/tests'
import { backupOf, endBackup, everything, keepBackupState } from './backup/backupRows'
import { exportRaw } from './documents'
import { lastExport, rememberExport } from './exportedAt'
import { newest, writesAfter } from './feed'
import { handOver } from './handed'
import { keepBench } from './keptBench'
import { keepPlan, keptPlan } from './keptPlan'
import { photoOf, sweepPhotos } from './photos/photos'
import { readAll, readFirst } from './reading'
import type { Store } from './store'
import { rowNow, type Written } from './transact'
import { redo, turnsOf, undo } from './undo'

/** All that a page asks of its store, by name: each is given the store first, and is told and answers plain data. */
export const NAMED = {
  acceptFinding,
  addBottle,
  addBottles,
  addBuild,
  addPictures,
  addTest,
  addTool,
  backupOf,
  bringBack: (store: Store, name: string) => bringBack(store, name),
  changeBottles,
  changeMix,
  changePicture,
  changeRow,
  changeTest,
  chooseTried,
  clashesWith,
  copiesHere: (_: Store) => copiesHere(),
  copyText: (_: Store, name: string) => copyText(name),
  correctAct,
  damagedRows,
  dropCopy: (store: Store, name: string) => dropCopy(store, name),
  dropDamaged,
  editBuild,
  endBackup,
  everything,
  exportRaw,
  fixCorrection,
  forgetAccident,
  forgetChanges,
  freeCorrection,
  handOver,
  importBottles,
  importWithPhotos,
  isEmpty,
  keepAccident,
  keepBackupState,
  keepBench,
  keepCopyNow,
  keepDailyHere,
  keepMix,
  keepPlan,
  keepReadings,
  keepSwatch,
  keepVariant,
  keptPlan,
  lastExport,
  loadDemo,
  logAct,
  logFault,
  mendDamaged,
  mergeProject,
  newest,
  note,
  noteClimate,
  orderBuilds,
  photoOf,
  pictureIds,
  pin,
  pourInto,
  readAll,
  readFirst,
  redo,
  rememberExport,
  removeBottles,
  removeBuild,
  removeMix,
  removePicture,
  removeTechnique,
  removeTechniqueStep,
  removeTest,
  removeTool,
  removeVariant,
  rowNow,
  saveTechnique,
  setSessions,
  startTimer,
  stopTimer,
  sweepPhotos: (store: Store) => sweepPhotos(store),
  takeOverBuild,
  turnsOf,
  undo,
  unpin,
  useTool,
  wipe,
  writesAfter,
}

type Named = typeof NAMED

/** What can be asked. */
export type Name = keyof Named

/** What is told with it. */
export type ArgsOf<N extends Name> = Named[N] extends (store: Store, ...args: infer A) => unknown
  ? A
  : never

/** What is answered. */
export type AnswerOf<N extends Name> = Awaited<ReturnType<Named[N]>>

/** What writes, and says whether it did. */
export type Action = {
  [N in Name]: AnswerOf<N> extends Written ? N : never
}[Name]
