import type { Family } from '../../model/vocabulary'
import type { Rule } from '../finding'
import { otherFamilyWays } from '../ways'
import { theWork } from '../words'

const CLOSED: readonly Family[] = ['enamel', 'oil', 'urethane-2k', 'metal-enamel']

/** Most light lacquer coats that water still enters. Source: handbook 2.6. */
const LACQUER_COATS = 2

/** A top coat over release that water can't enter. Source: handbook 2.6. */
export const releaseNeedsFriendlyTop: Rule = {
  name: 'release-needs-thin-water-friendly-top',
  timing: false,
  judge: (moment) => {
    const { work, stack } = moment
    if (work.row.kind !== 'film' || !work.family || work.coverage !== 'whole') return null
    if (stack.films.at(-1)?.role !== 'release' || work.role === 'release') return null
    const on = { film: 'release' as const }
    const ways = () => otherFamilyWays(moment, ['water-acrylic', 'alcohol-acrylic'])
    if (CLOSED.includes(work.family))
      return {
        severity: 'stop',
        because: `Water does not enter ${theWork(moment)}: the release coat under it never opens.`,
        on,
        ways,
      }
    const thick =
      work.coats.length > LACQUER_COATS || work.coats.some((c) => c === 'wet' || c === 'flood')
    if (work.family !== 'lacquer' || !thick) return null
    return {
      severity: 'risk',
      because: `${work.coats.length} coats of lacquer, more than two light ones, keep the water out of the release coat.`,
      on,
      ways,
    }
  },
}
