import type { PartPlan } from '@/core/builds'
import { FAMILY_TABLE, stepName, TECHNIQUES } from '@/core/knowledge'
import { FAULT_TABLE, type FaultId, type FaultRow } from '@/core/knowledge/faults'
import { FAULT_WORDS } from '@/core/knowledge/words/faults'
import type { BuildAct } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import type { Family } from '@/core/model/vocabulary'
import {
  actCalled,
  type Findable,
  familyCalled,
  type SearchIndex,
  searchIndex,
} from '@/core/search'
import { faultHref } from '../shared/faultHref'
import { familyName } from '../shared/words'
import { KEYS, SCREENS } from './screens'

/** So many of the newest notes are sought in. */
const MOST_NOTES = 500

/** Finds everything that can be gone to. @param handbook what is found in the handbook */
export function indexOf(
  project: Project,
  parts: readonly PartPlan[],
  handbook: readonly Findable[],
): SearchIndex {
  return searchIndex([...findable(project, parts), ...handbook])
}

/** Everything that can be gone to, by its name and by what else it is called. */
export function findable(project: Project, parts: readonly PartPlan[]): Findable[] {
  return [
    ...SCREENS.map(
      ({ say, href }): Findable => ({ id: `screen ${href}`, kind: 'screen', says: say, to: href }),
    ),
    ...commands(project),
    ...ofBuilds(project),
    ...ofFindings(project, parts),
    ...ofKnowledge(project),
    ...ofShelf(project),
    ...ofNotes(project),
    ...KEYS.map(
      ({ keys, does }): Findable => ({
        id: `key ${keys} ${does}`,
        kind: 'key',
        says: `${keys}: ${does}`,
        to: '?',
      }),
    ),
  ]
}

/** What can be done from here, in the words of whoever asks for it. */
function commands(project: Project): Findable[] {
  const builds = project.builds ?? []
  const one = (says: string, to: string, words = ''): Findable => ({
    id: `command ${to} ${says}`,
    kind: 'command',
    says,
    words,
    to,
  })
  return [
    one('Start a build', '/builds?new', 'new kit add'),
    one('Add a bottle', '/shelf?new', 'new paint'),
    one('Set the room', '/settings#room', 'temperature humidity warm cold'),
    one('Units, dates and numbers', '/settings#units', 'fahrenheit psi inches ounces imperial'),
    one('Export everything', '/settings#data', 'backup save file'),
    ...builds.flatMap((build) =>
      build.parts.flatMap((part) => [
        one(
          `Mix for ${part.name}, ${build.name}`,
          `/mix?for=${build.id}/${part.id}`,
          'paint thinner amounts',
        ),
        one(
          `Log finished: ${part.name}, ${build.name}`,
          `/?part=${build.id}/${part.id}`,
          'done bench log',
        ),
      ]),
    ),
  ]
}

function ofBuilds(project: Project): Findable[] {
  return (project.builds ?? []).flatMap((build) => [
    {
      id: `build ${build.id}`,
      kind: 'build',
      says: build.name,
      words: build.story ?? '',
      to: `/builds/${build.id}`,
    } as Findable,
    ...build.parts.map(
      (part): Findable => ({
        id: `part ${build.id} ${part.id}`,
        kind: 'part',
        says: `${part.name}, ${build.name}`,
        words: part.note ?? '',
        to: `/builds/${build.id}?part=${part.id}`,
      }),
    ),
    ...build.steps.flatMap((step): Findable[] => {
      if (!isAct(step)) return []
      const part = build.parts.find(({ id }) => id === step.parts[0])
      const act = step as BuildAct
      return [
        {
          id: `step ${build.id} ${step.id}`,
          kind: 'step',
          says: `${stepName(act)}, ${part?.name ?? ''}, ${build.name}`,
          words: `${actCalled(act.do)} ${act.note ?? ''}`,
          to: `/builds/${build.id}?part=${part?.id ?? ''}&step=${step.id}`,
        },
      ]
    }),
  ])
}

function ofFindings(project: Project, parts: readonly PartPlan[]): Findable[] {
  return parts.flatMap(({ build, part, findings }) => {
    const of = project.builds?.find(({ id }) => id === build)
    const name = of?.parts.find(({ id }) => id === part)?.name ?? part
    return findings
      .filter(({ accepted }) => accepted === null)
      .map(
        (finding, i): Findable => ({
          id: `finding ${build} ${part} ${i}`,
          kind: 'finding',
          says: finding.because,
          words: `${finding.rule.replaceAll('-', ' ')} ${name}`,
          to: `/builds/${build}?part=${part}&step=${finding.step}`,
        }),
      )
  })
}

function ofKnowledge(project: Project): Findable[] {
  const own = (project.techniques ?? []).map(({ id, name, purpose = '' }) => ({
    id,
    name,
    words: purpose,
  }))
  const known = TECHNIQUES.map(({ id, name, purpose, tools }) => ({
    id,
    name,
    words: `${purpose} ${tools.join(' ')}`,
  }))
  return [
    ...[...own, ...known].map(
      ({ id, name, words }): Findable => ({
        id: `technique ${id}`,
        kind: 'technique',
        says: name,
        words,
        to: `/library?id=${id}`,
      }),
    ),
    ...(Object.entries(FAULT_TABLE) as [FaultId, FaultRow][]).map(
      ([id, { symptom, causes, mend }]): Findable => ({
        id: `fault ${id}`,
        kind: 'fault',
        says: symptom,
        words: `${FAULT_WORDS[id]} ${causes} ${mend}`,
        to: faultHref({ seen: id }),
      }),
    ),
    ...(Object.keys(FAMILY_TABLE) as Family[]).map(
      (family): Findable => ({
        id: `family ${family}`,
        kind: 'family',
        says: familyName(family),
        words: familyCalled(family),
        to: `/explain?on=${family}`,
      }),
    ),
  ]
}

function ofShelf(project: Project): Findable[] {
  return [
    ...(project.shelf ?? []).map(
      (bottle): Findable => ({
        id: `bottle ${bottle.id}`,
        kind: 'bottle',
        says: `${bottle.name}${bottle.maker ? `, ${bottle.maker}` : ''}`,
        words: `${familyCalled(bottle.family)} ${bottle.role} ${bottle.code ?? ''} ${bottle.note ?? ''}`,
        to: `/shelf?find=${encodeURIComponent(bottle.name)}`,
      }),
    ),
    ...(project.mixes ?? []).map(
      (mix): Findable => ({
        id: `mix ${mix.id}`,
        kind: 'saved mix',
        says: mix.name,
        words: mix.note ?? '',
        to: `/mix?label=${mix.id}`,
      }),
    ),
  ]
}

function ofNotes(project: Project): Findable[] {
  return (project.acts ?? [])
    .filter(({ kind, text }) => kind === 'noted' && text)
    .slice(-MOST_NOTES)
    .map(
      ({ id, text = '' }): Findable => ({
        id: `note ${id}`,
        kind: 'note',
        says: text.slice(0, 120),
        words: text,
        to: `/log?find=${encodeURIComponent(text.slice(0, 40))}`,
      }),
    )
}
