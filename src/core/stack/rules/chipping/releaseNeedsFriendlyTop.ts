import { familyRow } from '../../../knowledge/families'
import { moveCandidates, otherFamilyCandidates } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { newestRelease, seals } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { capital, theWork } from '../../state/words'
import type { Draft, Remedy, Rule } from '../finding'

/** Most light lacquer coats that water still enters. Source: handbook 2.6. */
const LIGHT_COATS = 2

/** A top coat over release that water can't enter. Source: handbook 2.6. */
export const releaseNeedsFriendlyTop: Rule = {
  name: 'release-needs-thin-water-friendly-top',
  timing: false,
  judge: (context) => {
    const { resolved, stack } = context
    if (resolved.row.kind === 'open') return sealedTop(context)
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

/** Chipped through a clear that seals the top colour. */
function sealedTop(context: StepContext): Draft | null {
  const { stack, at, series, index } = context
  const release = newestRelease(stack)
  const clear =
    release &&
    stack.films.slice(release.at + 1).find((film) => film.role === 'clear' && seals(film))
  if (!clear) return null
  return {
    severity: 'stop',
    because: `${capital(theFilm(clear))} seals the top colour: water does not come to the release coat under it.`,
    on: { film: clear.family, state: filmState(clear, at, series) },
    candidates: (): Remedy[] => [
      ...moveCandidates(context, clear.step, 'Chip it before the clear'),
      {
        kind: 'leave-out',
        say: 'Put the chips on top with a sponge instead',
        edit: { replace: { step: index, with: { do: 'chip-sponge' } } },
      },
    ],
  }
}
