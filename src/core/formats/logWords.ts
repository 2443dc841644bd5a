import { MILESTONE_WORDS, SEEN_WORDS } from '../knowledge/milestones'
import { stepName } from '../knowledge/stepName'
import { isAct } from '../model/isAct'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'

/** One entry of the log in words, with the part and the build that it is of. */
export function entryWords(act: LoggedAct, project: Project): { says: string; of: string } {
  const build = project.builds?.find(({ id }) => id === act.build)
  const part = build?.parts.find(({ id }) => id === act.part)
  const step = build?.steps.find(({ id }) => id === act.step)
  return {
    says: sentence(act, step && isAct(step) ? stepName(step) : 'A step', project),
    of: [part?.name, build?.name].filter(Boolean).join(' · '),
  }
}

function sentence(act: LoggedAct, step: string, project: Project): string {
  const bottle = () => project.shelf?.find(({ id }) => id === act.bottle)?.name ?? 'A bottle'
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
      return `Mixed ${project.mixes?.find(({ id }) => id === act.mix)?.name ?? act.text ?? 'a mix'}`
    case 'filled':
      return `${bottle()} filled to ${ml}`
    case 'poured':
      return `${ml} poured into ${bottle()}${shareWords(act)}`
    case 'weighed':
      return `${bottle()}: ${ml} found in it`
    case 'noted':
      return act.text ?? ''
    case 'corrected': {
      const meant = project.acts?.find(({ id }) => id === act.corrects)
      return `Time put right: ${(meant ? sentence(meant, step, project) : step).toLowerCase()}`
    }
    case 'undone':
      return 'Took the act before back'
  }
}

function shareWords({ share }: LoggedAct): string {
  if (share === undefined || share === 1) return ''
  return share === 0 ? ', thinner' : `, ${Math.round(share * 100)} % paint`
}
