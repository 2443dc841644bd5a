import { actRow } from '../../knowledge/acts'
import { stepName } from '../../knowledge/stepName'
import type { BuildAct } from '../../model/build'
import { capital } from '../../model/capital'
import { isAct } from '../../model/isAct'
import { listed } from '../../stack/state/words'
import type { PartRule } from './partRule'
import { stillToDo, zoneSaid } from './stillToDo'

/**
 * A step for a zone that a joint before it has shut in. Stop.
 *
 * Source: handbook 12.7.
 */
export const outOfReach: PartRule = {
  name: 'out-of-reach',
  judge: (simulated) => {
    const joints = simulated.entries.flatMap(({ step }, index) =>
      isAct(step) && (step.shuts?.length ?? 0) > 0 ? [{ index, joint: step as BuildAct }] : [],
    )
    if (joints.length === 0) return []
    return stillToDo(simulated).flatMap(({ index, act }) => {
      const shut = joints.flatMap(({ index: before, joint }) =>
        before < index
          ? (joint.shuts ?? []).filter((id) => act.zones?.includes(id)).map((id) => ({ id, joint }))
          : [],
      )
      if (shut.length === 0 || actRow(act.do, act.family).kind === 'handle') return []
      const zones = [...new Set(shut.map(({ id }) => id))]
      const names = zones.map((id) => zoneSaid(simulated, id))
      return [
        {
          step: act.id,
          severity: 'stop' as const,
          because: `${capital(listed(names))} can’t be reached any more: “${stepName(shut[0]?.joint as BuildAct)}” shuts ${zones.length === 1 ? 'it' : 'them'} in before this.`,
          zones,
        },
      ]
    })
  },
  ways: (build, part, step) => {
    const own = build.steps.filter(({ parts }) => parts.includes(part.id))
    const at = own.findIndex(({ id }) => id === step)
    const act = own[at]
    if (!act || !isAct(act)) return []
    const joint = own
      .slice(0, at)
      .find((one) => isAct(one) && one.shuts?.some((id) => act.zones?.includes(id)))
    if (!joint) return []
    const next = build.steps[build.steps.indexOf(act) + 1]
    return [
      {
        kind: 'order',
        say: 'Join it after this',
        edit: {
          do: 'move',
          target: { step: joint.id },
          before: next ? { step: next.id } : null,
          on: 'every',
        },
        every: null,
      },
      {
        kind: 'order',
        say: 'Do this before it is joined',
        edit: { do: 'move', target: { step }, before: { step: joint.id }, on: 'every' },
        every: null,
      },
    ]
  },
}
