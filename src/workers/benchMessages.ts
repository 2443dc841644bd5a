import type {
  AskedFace,
  Chosen,
  CureCurve,
  FacesAlong,
  JudgedPart,
  LaidFilm,
  PartFinding,
  PartPlan,
  Proposal,
  SchoolEffect,
  TechniqueNumbers,
} from '@/core/builds'
import type { PartFault } from '@/core/builds/faultOfPart'
import type { Answers } from '@/core/faults'
import type { FaultId, Technique } from '@/core/knowledge'
import type { Climate } from '@/core/model/climate'
import type { Edit } from '@/core/model/edit'
import type { RowWrite } from '@/core/model/projectRows'
import type { ActStep } from '@/core/model/sequence'
import type { PartRef } from '@/core/model/stepRef'
import type { SchoolQuestion, Substrate } from '@/core/model/vocabulary'
import type { Ratio, UsualDay } from '@/core/room'
import type {
  BenchPlan,
  PlanOutcome,
  PlanWish,
  RunningPlan,
  SessionOption,
  WhatIf,
} from '@/core/schedule'
import type { CoatsToCover, Explained } from '@/core/stack'

/** Parts whose plan changed since the last answer, and the keys of all that are told, in order; `rest`: there are more to ask for. */
export type PartsAnswer = { order: string[]; changed: PartPlan[]; rest: boolean }

/**
 * What the bench's worker answers. It holds the documents and carries what follows from them on, change by change. Plain data
 * both ways; instants in epoch milliseconds.
 */
export type BenchWorker = {
  /** The documents as they are stored, as JSON: text goes over many times as fast as a copy; and rows that were written since it was made. Everything is reckoned. */
  open: (project: string, since?: readonly RowWrite[]) => void
  /** Rows that were written since. */
  change: (writes: readonly RowWrite[]) => void
  /** What every part says at an instant. First comes what has work left: nobody waits for years of finished builds. */
  parts: (now: number) => PartsAnswer
  /**
   * Plans the whole bench: `quick` from the running plan, within a few milliseconds a task, `whole` for as long as it pays.
   *
   * @param wish what it seeks
   */
  plan: (
    now: number,
    before: RunningPlan | null,
    how: 'quick' | 'whole',
    wish: PlanWish,
  ) => BenchPlan
  /** What a supposed change would come to; nothing is changed. */
  whatIf: (now: number, question: WhatIf, before: RunningPlan | null) => PlanOutcome
  /** The sessions that an act may go to, and what each comes to. */
  sessionOptions: (now: number, plan: BenchPlan, id: string, only?: number) => SessionOption[]
  /** A part with the ways out of its findings; null: there is no such part. */
  judge: (ref: PartRef, now: number, zone?: string) => JudgedPart | null
  /** What is said of every part of a build if an edit were made; null: it can't be. */
  suppose: (build: string, edit: Edit, now: number) => [part: string, PartFinding[]][] | null
  /** What went wrong on a part; null: there is no such part. */
  fault: (ref: PartRef | null, fault: FaultId, answers: Answers, now: number) => PartFault | null
  /** How many coats the colour of a step takes. */
  cover: (ref: PartRef, step: string, now: number) => CoatsToCover | null
  /** What a technique would add to parts of a build. */
  propose: (build: string, parts: readonly string[], chosen: Chosen, now: number) => Proposal | null
  /** What another school would change in a build. */
  school: (
    build: string,
    question: SchoolQuestion,
    value: string,
    now: number,
  ) => SchoolEffect | null
  /** How a film comes to be cured. */
  cure: (film: LaidFilm, now: number) => CureCurve | null
  /** The colour of a part's face. */
  face: (ref: PartRef, when: AskedFace, now: number) => string | null
  /** What every zone of a part looks like after each of its steps; null: there is no such part. */
  faces: (ref: PartRef, now: number) => FacesAlong | null
  /** What techniques come to at a scale, in a climate, on an area; in their order. */
  techniques: (
    techniques: readonly Technique[],
    climate: Climate,
    scale?: number,
    areaCm2?: number,
  ) => TechniqueNumbers[]
  /** May one film go on another, and when? */
  explain: (on: ActStep, put: ActStep, substrate: Substrate, climate: Climate) => Explained
  /** What is known of the days of the room; null where nobody can say. */
  usualDay: (now: number) => UsualDay | null
  /** Every observation as a ratio to the clock. */
  ratios: () => Ratio[]
}
