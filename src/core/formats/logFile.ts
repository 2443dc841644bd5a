import { DateTime } from 'luxon'
import { indexLog, stands } from '../log/logIndex'
import { inTime } from '../log/progress'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import { writeCsv } from './csv'
import { entryWords } from './logWords'

/** Columns of the log as CSV. Source: docs/formats.md. */
const LOG_COLUMNS = [
  'at',
  'kind',
  'build',
  'part',
  'step',
  'says',
  'coat',
  'milestone',
  'seen',
  'bottle',
  'ml',
  'share',
  'tool',
  'uses',
  'text',
  'takenBack',
  'id',
] as const

/** The log as CSV (RFC 4180), the oldest act first. */
export function logCsv(project: Project): string {
  const log = indexLog(project.acts ?? [])
  const rows = inTime(log.acts).map((act) => ({
    ...act,
    ...namesIn(act, project),
    says: entryWords(act, project).says,
    takenBack: stands(log, act) ? '' : 'yes',
  }))
  return writeCsv(LOG_COLUMNS, rows)
}

function namesIn(act: LoggedAct, project: Project) {
  const build = project.builds?.find(({ id }) => id === act.build)
  return {
    build: build?.name ?? act.build,
    part: build?.parts.find(({ id }) => id === act.part)?.name ?? act.part,
  }
}

/** The log as Markdown, a heading a day, the oldest first; what was taken back is struck out. @param zone an IANA time zone */
export function logMarkdown(project: Project, zone: string): string {
  const log = indexLog(project.acts ?? [])
  const lines: string[] = []
  let day = ''
  for (const act of inTime(log.acts)) {
    const at = DateTime.fromISO(act.at, { zone }).setLocale('en-GB')
    const today = at.toFormat('cccc, d LLLL yyyy')
    if (today !== day) lines.push(...(day === '' ? [] : ['']), `## ${today}`, '')
    day = today
    const { says, of } = entryWords(act, project)
    const said = plainText(of === '' ? says : `${says} (${of})`)
    lines.push(`- ${at.toFormat('HH:mm')} ${stands(log, act) ? said : `~~${said}~~`}`)
  }
  return lines.length === 0 ? '' : `${lines.join('\n')}\n`
}

/** Text that Markdown reads as nothing else, on one line. */
export function plainText(text: string): string {
  return text.replaceAll(/\s+/g, ' ').replaceAll(/[\\`*_[\]<>#|~]/g, (sign) => `\\${sign}`)
}
