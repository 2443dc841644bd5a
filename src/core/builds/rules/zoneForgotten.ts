import { stepName } from '../../knowledge/stepName'
import type { BuildAct } from '../../model/build'
import { isAct } from '../../model/isAct'
import { forgottenIn, stepsOfStage } from '../coverage'
import type { PartRemedy } from '../judgePart'
import { zoneEdit } from '../proposedZones'
import type { PartRule } from './partRule'

/** A zone without a stage that most others have: a note, and a risk where a later clear would seal it in. Source: handbook 12.2. */
export const zoneForgotten: PartRule = {
  name: 'zone-forgotten',
  judge: ({ build, part }) =>
    build.zones?.length
      ? forgottenIn(build)
          .filter((one) => one.part === part.id)
          .map(({ zones, ...told }) => ({ ...told, zones: zones.map(({ zone }) => zone.id) }))
      : [],
  /** What the others have is done on it too, or it is said that it does without. */
  ways: (build, part, step) => {
    const found = forgottenIn(build).find((one) => one.step === step && one.part === part.id)
    if (!found) return []
    return found.zones.flatMap(({ zone, stages }): PartRemedy[] => {
      const like = stages.flatMap((stage) => stepsOfStage(build, stage, zone.part).slice(0, 1))
      const named = like.filter((one): one is BuildAct => isAct(one) && one.zones !== undefined)
      const too: PartRemedy[] = named.map((one) => ({
        kind: 'order',
        say: `Do it on ${zone.name} too: ${stepName(one).toLowerCase()}`,
        edit: {
          do: 'change',
          targets: [{ step: one.id }],
          on: 'every',
          fields: { zones: [...(one.zones ?? []), zone.id] },
        },
        every: null,
      }))
      const without: PartRemedy = {
        kind: 'order',
        say: `${zone.name} does without`,
        edit: zoneEdit(build, zone.id, { without: [...(zone.without ?? []), ...stages] }),
        every: null,
      }
      return [...too, without]
    })
  },
}
