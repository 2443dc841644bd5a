import { DateTime } from 'luxon'
import { stepName } from '../knowledge/stepName'
import { stands } from '../log/logIndex'
import { counted } from '../model/counted'
import { isAct } from '../model/isAct'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import type { BenchState } from './benchState'
import { type FinishedCard, finishedCard } from './finishedCard'

const MINUTE = 60_000

/** A step as it was done on a day, on the parts that it was done to at that. Instants in epoch milliseconds. */
export type StoryStep = {
  step: string
  name: string
  colour: string | null
  parts: string[]
  coats: number
  skipped: boolean
  from: number
  to: number
}

/** What follows a step's name: ", 2 coats", ", left out", or nothing. */
export function howDone({ coats, skipped }: Pick<StoryStep, 'coats' | 'skipped'>): string {
  if (skipped) return ', left out'
  return coats > 0 ? `, ${counted(coats, 'coat')}` : ''
}

/** What was mixed: its name, and what it took out of which bottle, ml. */
export type StoryMix = { at: number; name: string; from: { bottle: string; ml: number }[] }

/** What was seen, noted, went wrong or helped. */
export type StorySaid = {
  at: number
  kind: 'note' | 'wrong' | 'helped' | 'no-help'
  text: string
  part: string | null
}

/** A day of a build. */
export type StoryDay = {
  /** ISO date, by the zone's calendar. */
  date: string
  steps: StoryStep[]
  mixes: StoryMix[]
  said: StorySaid[]
  /** Pictures of the model that were taken that day. */
  pictures: { id: string; name: string }[]
  /** Least and most that was read while it was worked; null: nobody read it. */
  room: { celsius: [number, number]; humidity: [number, number] } | null
}

/** How a build came to be, by its log. */
export type Story = {
  name: string
  scale: number | null
  figures: FinishedCard
  /** What the paint cost that was drawn for it, in the modeller's own money; null: no price is known. */
  cost: number | null
  days: StoryDay[]
}

/**
 * The story of a build, from its log alone.
 *
 * @param zone an IANA time zone
 * @returns null where there is no such build
 * Source: handbook 13.6.
 */
export function storyOf(
  { project, log, room }: Pick<BenchState, 'project' | 'log' | 'room'>,
  id: string,
  zone: string,
): Story | null {
  const build = project.builds?.find((one) => one.id === id)
  if (!build) return null
  const acts = (log.builds.get(id)?.acts ?? [])
    .filter((act) => stands(log, act) && act.kind !== 'undone' && act.kind !== 'corrected')
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
  const dates = new Map<string, LoggedAct[]>()
  for (const act of acts) {
    const date = DateTime.fromISO(act.at, { zone }).toISODate() ?? act.at
    dates.set(date, [...(dates.get(date) ?? []), act])
  }
  const days = [...dates].map(([date, own]): StoryDay => {
    const from = Date.parse(own[0]?.at ?? '')
    const to = Date.parse(own.at(-1)?.at ?? '')
    return {
      date,
      steps: stepsOf(own, project, id),
      mixes: mixesOf(own, project),
      said: saidOf(own, project, id),
      pictures: picturesOn(date, project, id, zone),
      room: roomBetween(room.reads, from, to),
    }
  })
  return {
    name: build.name,
    scale: build.scale ?? null,
    figures: finishedCard(build, log, zone),
    cost: costOf(acts, project),
    days,
  }
}

const OF_STEPS: readonly LoggedAct['kind'][] = ['started', 'coat-done', 'finished', 'skipped']

function stepsOf(acts: readonly LoggedAct[], { builds }: Project, id: string): StoryStep[] {
  const build = builds?.find((one) => one.id === id)
  const found = new Map<string, StoryStep>()
  for (const act of acts) {
    if (!OF_STEPS.includes(act.kind) || !act.step) continue
    const step = build?.steps.find((one) => one.id === act.step)
    const at = Date.parse(act.at)
    const own = found.get(act.step) ?? {
      step: act.step,
      name: step && isAct(step) ? stepName(step) : 'A step that was removed',
      colour: step && isAct(step) ? (step.colour ?? null) : null,
      parts: [],
      coats: 0,
      skipped: act.kind === 'skipped',
      from: at,
      to: at,
    }
    const part = build?.parts.find((one) => one.id === act.part)?.name
    if (part && !own.parts.includes(part)) own.parts.push(part)
    own.coats = Math.max(own.coats, act.coat ?? 0)
    own.skipped = own.skipped && act.kind === 'skipped'
    own.to = at
    found.set(act.step, own)
  }
  return [...found.values()]
}

function picturesOn(
  date: string,
  { pictures = [] }: Project,
  id: string,
  zone: string,
): StoryDay['pictures'] {
  return pictures
    .filter(
      (one) =>
        one.build === id &&
        one.kind !== 'reference' &&
        DateTime.fromISO(one.at, { zone }).toISODate() === date,
    )
    .map(({ id, name }) => ({ id, name }))
}

function mixesOf(acts: readonly LoggedAct[], { mixes, shelf }: Project): StoryMix[] {
  return acts.flatMap((act): StoryMix[] => {
    if (act.kind !== 'mixed') return []
    return [
      {
        at: Date.parse(act.at),
        name: mixes?.find(({ id }) => id === act.mix)?.name ?? act.text ?? 'A mix',
        from: (act.drawn ?? []).map(({ bottle, ml }) => ({
          bottle: shelf?.find(({ id }) => id === bottle)?.name ?? 'a bottle that is gone',
          ml,
        })),
      },
    ]
  })
}

function saidOf(acts: readonly LoggedAct[], { builds }: Project, id: string): StorySaid[] {
  const parts = builds?.find((one) => one.id === id)?.parts
  return acts.flatMap((act): StorySaid[] => {
    if (act.kind !== 'noted' || !act.text) return []
    return [
      {
        at: Date.parse(act.at),
        kind: kindOf(act),
        text: act.text,
        part: parts?.find((one) => one.id === act.part)?.name ?? null,
      },
    ]
  })
}

function kindOf({ fault, helped }: LoggedAct): StorySaid['kind'] {
  if (!fault) return 'note'
  if (helped === undefined) return 'wrong'
  return helped ? 'helped' : 'no-help'
}

/** The air near a while is that which was read up to so long beside it. */
const BESIDE = 90 * MINUTE

function roomBetween(
  reads: BenchState['room']['reads'],
  from: number,
  to: number,
): StoryDay['room'] {
  const near = reads.filter(({ at }) => at >= from - BESIDE && at <= to + BESIDE)
  if (near.length === 0) return null
  const range = (of: (read: (typeof near)[number]) => number): [number, number] => [
    Math.min(...near.map(of)),
    Math.max(...near.map(of)),
  ]
  return {
    celsius: range(({ climate }) => climate.celsius),
    humidity: range(({ climate }) => climate.humidity),
  }
}

function costOf(acts: readonly LoggedAct[], { shelf }: Project): number | null {
  const prices = acts.flatMap(({ drawn }) =>
    (drawn ?? []).flatMap(({ bottle, ml }) => {
      const row = shelf?.find(({ id }) => id === bottle)
      return row?.price === undefined ? [] : [(row.price * ml) / row.sizeMl]
    }),
  )
  return prices.length === 0 ? null : prices.reduce((sum, one) => sum + one, 0)
}
