import { MILESTONE_WORDS, SEEN_WORDS } from '../knowledge/milestones'
import { stepName } from '../knowledge/stepName'
import { isAct } from '../model/isAct'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { rowById } from '../model/rowById'

/** One entry of the log in words, with the part and the build that it is of. */
export function entryWords(act: LoggedAct, project: Project): { says: string; of: string } {
  return entry(act, project, 0)
}

/** So many acts that speak of one another are followed: a log from elsewhere may have them in a ring. */
const DEEPEST = 20

function entry(act: LoggedAct, project: Project, depth: number): { says: string; of: string } {
  const build = rowById(project.builds, act.build)
  const part = build?.parts.find(({ id }) => id === act.part)
  const step = build?.steps.find(({ id }) => id === act.step)
  return {
    says: sentence(act, step && isAct(step) ? stepName(step) : 'A step', project, depth),
    of: [part?.name, build?.name].filter(Boolean).join(' · '),
  }
}

function sentence(act: LoggedAct, step: string, project: Project, depth: number): string {
  const bottle = () => rowById(project.shelf, act.bottle)?.name ?? 'A bottle'
  const meant = () => depth < DEEPEST && rowById(project.acts, act.undoes ?? act.corrects)
  const ml = `${act.ml ?? 0} ml`
  switch (act.kind) {
    case 'started':
      return `${step} started`
    case 'coat-done':
      return `${step}, coat ${act.coat ?? ''} done`
    case 'finished':
      return `${step} finished`
    case 'skipped':
      return `${step} skipped`
    case 'observed':
      return `${step}: ${SEEN_WORDS[act.seen ?? 'not-yet']} (${MILESTONE_WORDS[act.milestone ?? 'touch']})`
    case 'mixed':
      return `Mixed ${rowById(project.mixes, act.mix)?.name ?? act.text ?? 'a mix'}`
    case 'filled':
      return `${bottle()} filled to ${ml}`
    case 'poured':
      return `${ml} poured into ${bottle()}${shareWords(act)}`
    case 'weighed':
      return `${bottle()}: ${ml} found in it`
    case 'noted':
      return act.text ?? ''
    case 'corrected': {
      const other = meant()
      return `Time put right: ${other ? entry(other, project, depth + 1).says : step}`
    }
    case 'undone': {
      const other = meant()
      if (!other) return 'Took an act back'
      const { says } = entry(other, project, depth + 1)
      return other.kind === 'undone' ? turned(says) : `${TOOK}${says}`
    }
  }
}

const TOOK = 'Took back: '
const BROUGHT = 'Brought back: '

/** Who takes a taking back back brings back what it took. */
function turned(says: string): string {
  if (says.startsWith(TOOK)) return BROUGHT + says.slice(TOOK.length)
  return says.startsWith(BROUGHT) ? TOOK + says.slice(BROUGHT.length) : says
}

function shareWords({ share }: LoggedAct): string {
  if (share === undefined || share === 1) return ''
  return share === 0 ? ', thinner' : `, ${Math.round(share * 100)} % paint`
}
