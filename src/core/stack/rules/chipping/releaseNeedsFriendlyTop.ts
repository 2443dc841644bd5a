import { actRow } from '../../../knowledge/acts'
import { familyRow } from '../../../knowledge/families'
import { capital } from '../../../model/capital'
import { isAct } from '../../../model/isAct'
import type { Coat, Family, Role } from '../../../model/vocabulary'
import { moveCandidates, otherFamilyCandidates } from '../../remedies/candidates'
import { type Film, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { newestRelease, seals } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { theWork } from '../../state/words'
import type { Draft, Remedy, Rule } from '../finding'

/** Most light lacquer coats that water still enters. Source: handbook 2.6. */
const LIGHT_COATS = 2

/** A top coat over release that water can't enter. Source: handbook 2.6. */
export const releaseNeedsFriendlyTop: Rule = {
  name: 'release-needs-thin-water-friendly-top',
  timing: false,
  looksAhead: ({ stack }) => newestRelease(stack) !== null,
  judge: (context) => {
    const { resolved, stack } = context
    if (resolved.row.kind === 'open') return sealedTop(context)
    if (resolved.row.kind !== 'film' || !resolved.family || resolved.coverage !== 'whole')
      return null
    const release = resolved.role === 'release' ? null : newestRelease(stack)
    if (!release) return null
    const above = stack.films.slice(release.at + 1).filter(({ coverage }) => coverage === 'whole')
    // What is further up matters only where the release is to be opened yet.
    if (above.length > 0 && !opensLater(context)) return null
    const on = { film: 'release' as const }
    const candidates = () => otherFamilyCandidates(context, ['water-acrylic', 'alcohol-acrylic'])
    const { watertight } = familyRow(resolved.family)
    if (watertight === 'always')
      return {
        severity: 'stop',
        because: `Water doesn’t get through ${theWork(context)}: the release coat under it never opens.`,
        on,
        candidates,
      }
    const closing = [...above.flatMap(closingCoats), ...(closes(resolved) ? resolved.coats : [])]
    const thick = closing.length > LIGHT_COATS || closing.some(isHeavy)
    if (!closes(resolved) || !thick) return null
    return {
      severity: 'risk',
      because: `${closing.length === 1 ? 'A heavy coat closes' : `${closing.length} coats close`} the release coat with this, and it bears two light ones: the water stays out.`,
      on,
      candidates: () => [...openFirst(context), ...candidates()],
    }
  },
}

/** Does a film keep water out once it is thick: lacquer, or any clear? */
function closes({ family, role }: { family: Family | null; role: Role | null }): boolean {
  return role === 'clear' || (family !== null && familyRow(family).watertight === 'thick')
}

function closingCoats(film: Film): readonly Coat[] {
  return closes(film) ? film.coats : []
}

function isHeavy(coat: Coat): boolean {
  return coat === 'wet' || coat === 'flood'
}

function chipLater({ setting, index }: StepContext): number {
  return setting.here.findIndex(
    (step, i) => i > index && isAct(step) && actRow(step.do, step.family).kind === 'open',
  )
}

function opensLater(context: StepContext): boolean {
  return chipLater(context) >= 0
}

/** Chip before this closes it. */
function openFirst(context: StepContext): Remedy[] {
  const chip = chipLater(context)
  if (chip < 0) return []
  return [
    {
      kind: 'order',
      say: 'Chip it before this goes on',
      edit: { move: { step: chip, before: context.index } },
    },
  ]
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
