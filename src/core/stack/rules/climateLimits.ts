import { HOT_AIR_RETARDER, type LimitBreach, limitBreaches } from '../../drying'
import type { Draft, Remedy, Rule } from '../finding'
import { worstDraft } from '../finding'
import type { Moment } from '../moment'
import { changed } from '../ways'
import { forcedAir } from './forcedAir'

/** A room in which every family is at home. Source: handbook 3.3. */
const GOOD_ROOM = { celsius: 20, humidity: 50 } as const

function rule(name: LimitBreach['rule']): Rule {
  return {
    name,
    timing: false,
    judge: (moment) => {
      const breaches = breachesOf(moment).filter((breach) => breach.rule === name)
      const air = name === 'too-hot' ? [forcedAir(moment)] : []
      return worstDraft([...breaches.map((breach) => draft(moment, breach)), ...air])
    },
  }
}

/** Three rules ask the same of one moment. */
function breachesOf(moment: Moment): readonly LimitBreach[] {
  const { work, climate, step } = moment
  if (work.row.kind !== 'film' || !work.family) return []
  const { family, role, tool } = work
  const { memo } = moment
  memo.breaches ??= limitBreaches({ family, role, tool, retarder: step.retarder ?? 0 }, climate)
  return memo.breaches
}

function draft(moment: Moment, breach: LimitBreach): Draft {
  return {
    severity: breach.severity,
    because: breach.because,
    on: moment.work.family ? { film: moment.work.family } : {},
    ways: () => [...(breach.rule === 'too-hot' ? retarderWay(moment) : []), ...roomWays(moment)],
  }
}

function retarderWay(moment: Moment): Remedy[] {
  return [
    {
      kind: 'solvent',
      say: `Add ${HOT_AIR_RETARDER} % retarder or more`,
      edit: {
        replace: {
          step: moment.index,
          with: changed(moment.step, { retarder: Math.max(3, moment.step.retarder ?? 0) }),
        },
      },
    },
  ]
}

/** Do it in a better room: for the whole sequence, or from this step on. */
function roomWays(moment: Moment): Remedy[] {
  const say = `Do it at ${GOOD_ROOM.celsius} °C and ${GOOD_ROOM.humidity} %`
  const { sequence } = moment.setting
  return [
    {
      kind: 'long-wait',
      say,
      edit: { replace: { step: moment.index, with: changed(moment.step, { climate: GOOD_ROOM }) } },
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
