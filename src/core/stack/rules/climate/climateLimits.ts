import { type LimitBreach, limitBreaches } from '../../../drying/limits'
import { HOT_AIR_RETARDER } from '../../../knowledge/air'
import { changed } from '../../remedies/candidates'
import type { StepContext } from '../../state/stepContext'
import { type Draft, type Remedy, type Rule, worstDraft } from '../finding'
import { forcedAir, warmAirAtStep } from './forcedAir'

/** A room in which every family is at home. Source: handbook 3.3. */
const GOOD_ROOM = { celsius: 20, humidity: 50 } as const

function rule(name: LimitBreach['rule']): Rule {
  return {
    name,
    timing: false,
    eachCoat: true,
    judge: (context) => {
      const breaches = breachesOf(context).filter((breach) => breach.rule === name)
      const air = name === 'too-hot' ? [forcedAir(context), warmAirAtStep(context)] : []
      return worstDraft([...breaches.map((breach) => draft(context, breach)), ...air])
    },
  }
}

/** Three rules ask the same of one moment. */
function breachesOf(context: StepContext): readonly LimitBreach[] {
  const { resolved, climate, step } = context
  if (resolved.row.kind !== 'film' || !resolved.family) return []
  const { family, role, tool } = resolved
  const { memo } = context
  memo.breaches ??= limitBreaches({ family, role, tool, retarder: step.retarder ?? 0 }, climate)
  return memo.breaches
}

function draft(context: StepContext, breach: LimitBreach): Draft {
  return {
    severity: breach.severity,
    because: breach.because,
    on: context.resolved.family ? { film: context.resolved.family } : {},
    candidates: () => [
      ...(breach.rule === 'too-hot' ? retarderWay(context) : []),
      ...roomWays(context),
    ],
  }
}

function retarderWay(context: StepContext): Remedy[] {
  return [
    {
      kind: 'solvent',
      say: `Add ${HOT_AIR_RETARDER} % retarder or more`,
      edit: {
        replace: {
          step: context.index,
          with: changed(context.step, { retarder: Math.max(3, context.step.retarder ?? 0) }),
        },
      },
    },
  ]
}

/** Do it in a better room: for the whole sequence, or from this step on. */
function roomWays(context: StepContext): Remedy[] {
  const say = `Do it at ${GOOD_ROOM.celsius} °C and ${GOOD_ROOM.humidity} %`
  const { sequence } = context.setting
  return [
    {
      kind: 'long-wait',
      say,
      edit: {
        replace: { step: context.index, with: changed(context.step, { climate: GOOD_ROOM }) },
      },
    },
    {
      kind: 'long-wait',
      say: `${say}, all of it`,
      edit: { set: { climate: { ...sequence.climate, ...GOOD_ROOM, partCelsius: undefined } } },
    },
  ]
}

/** Colder than the family bears. Source: handbook 3.3. */
export const tooCold = rule('too-cold')
/** Damper than the family bears, or so that water condenses on the part. Source: handbook 3.3. */
export const tooDamp = rule('too-damp')
/** So hot that paint dries in the air. Source: handbook 3.3. */
export const tooHot = rule('too-hot')
