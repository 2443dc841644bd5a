export { type Check, check, findingsOfWalk, judgeSequence, type Verdict, verdictOf } from './check'
export { type Closing, closings } from './closing'
export { type CoatsToCover, coatsToCover } from './coatsToCover'
export { applyEdit, type Edited, editSequence, followed } from './edit'
export { type Explained, type ExplainedMoment, explain } from './explain'
export { faceColour } from './faceColour'
export { type Film, filmReaches, filmState, hasReached } from './film'
export {
  type Edit,
  type Finding,
  type FindingOn,
  type Remedy,
  RULE_NAMES,
  type RuleName,
} from './finding'
export { type CoatEffect, type LastCoat, lastCoat } from './lastCoat'
export { type Moment, pairKey, type ShelfPaint } from './moment'
export { isPaintedFrom } from './paintedFrom'
export { firstChange, remediesFor, stageFor } from './remedies'
export { RULES } from './rules'
export { bareStack, newestWhole, openFilms, type Stack } from './stack'
export { gentlest, type UndoMap, type UndoTouch, type UndoWay, undoMap } from './undoMap'
export {
  type Drafted,
  type Fact,
  type FilledWait,
  rewalk,
  type TimelineEntry,
  type Walk,
  type Walked,
  type WalkOptions,
  walk,
} from './walk'
export { filmName, SOLVENT_WORDS, theFilm } from './words'
export { type Work, workOf } from './work'
