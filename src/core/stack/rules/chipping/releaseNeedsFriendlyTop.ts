import { familyRow } from '../../../knowledge/families'
import { otherFamilyCandidates } from '../../remedies/candidates'
import { theWork } from '../../state/words'
import type { Rule } from '../finding'

/** Most light lacquer coats that water still enters. Source: handbook 2.6. */
const LIGHT_COATS = 2

/** A top coat over release that water can't enter. Source: handbook 2.6. */
export const releaseNeedsFriendlyTop: Rule = {
  name: 'release-needs-thin-water-friendly-top',
  timing: false,
  judge: (context) => {
    const { resolved, stack } = context
    if (resolved.row.kind !== 'film' || !resolved.family || resolved.coverage !== 'whole')
      return null
    if (stack.films.at(-1)?.role !== 'release' || resolved.role === 'release') return null
    const on = { film: 'release' as const }
    const candidates = () => otherFamilyCandidates(context, ['water-acrylic', 'alcohol-acrylic'])
    const { watertight } = familyRow(resolved.family)
    if (watertight === 'always')
      return {
        severity: 'stop',
        because: `Water does not enter ${theWork(context)}: the release coat under it never opens.`,
        on,
        candidates,
      }
    const thick =
      resolved.coats.length > LIGHT_COATS ||
      resolved.coats.some((c) => c === 'wet' || c === 'flood')
    if (watertight !== 'thick' || !thick) return null
    return {
      severity: 'risk',
      because: `${resolved.coats.length} coats of ${familyRow(resolved.family).name}, more than two light ones, keep the water out of the release coat.`,
      on,
      candidates,
    }
  },
}
