import { DateTime } from 'luxon'
import {
  howDone,
  type Story,
  type StoryDay,
  type StoryMix,
  type StorySaid,
  type StoryStep,
} from '../builds/story'
import { counted } from '../model/counted'
import { plainText } from './logFile'

/** A number with one place at the most. */
const short = (value: number) => String(Math.round(value * 10) / 10)

/** A story as Markdown: a heading a day. @param zone an IANA time zone. Source: handbook 13.6. */
export function storyMarkdown({ name, scale, figures, cost, days }: Story, zone: string): string {
  const { hours, evenings, ml } = figures
  const facts = [
    ...(scale === null ? [] : [`1:${scale}`]),
    `${short(hours)} h of hands`,
    counted(evenings, 'day'),
    `${short(ml)} ml of paint`,
    ...(cost === null ? [] : [`paint for ${cost.toFixed(2)}`]),
  ]
  return [
    `# ${plainText(name)}`,
    '',
    facts.join(' · '),
    '',
    ...days.flatMap((day) => [
      `## ${dayWords(day)}`,
      '',
      ...linesOf(day, zone).map((line) => `- ${line}`),
      '',
      ...day.pictures.flatMap(({ id, name }) => [`![${plainText(name)}](photos/${id}.jpg)`, '']),
    ]),
  ].join('\n')
}

function dayWords({ date, room }: StoryDay): string {
  const said = DateTime.fromISO(date).setLocale('en-GB').toFormat('cccc, d LLLL yyyy')
  return room ? `${said} (${roomWords(room)})` : said
}

/** The air of a day: "19 to 20 °C, 48 %". */
export function roomWords({ celsius, humidity }: NonNullable<StoryDay['room']>): string {
  const range = ([least, most]: [number, number]) =>
    Math.round(least) === Math.round(most)
      ? String(Math.round(least))
      : `${Math.round(least)} to ${Math.round(most)}`
  return `${range(celsius)} °C, ${range(humidity)} %`
}

/** What happened on a day, in order of time. */
function linesOf({ steps, mixes, said }: StoryDay, zone: string): string[] {
  const clock = (at: number) => DateTime.fromMillis(at, { zone }).toFormat('HH:mm')
  const rows = [
    ...mixes.map((mix) => ({ at: mix.at, line: `${clock(mix.at)} ${mixLine(mix)}` })),
    ...steps.map((step) => ({
      at: step.from,
      line: `${clock(step.from)}${step.to - step.from >= 60_000 ? `–${clock(step.to)}` : ''} ${stepLine(step)}`,
    })),
    ...said.map((one) => ({ at: one.at, line: `${clock(one.at)} ${saidLine(one)}` })),
  ]
  return rows.sort((a, b) => a.at - b.at).map(({ line }) => line)
}

function stepLine(step: StoryStep): string {
  const on = step.parts.length > 0 ? `: ${step.parts.map(plainText).join(', ')}` : ''
  return `**${plainText(step.name)}**${on}${howDone(step)}`
}

function mixLine({ name, from }: StoryMix): string {
  const parts = from.map(({ bottle, ml }) => `${plainText(bottle)} ${short(ml)} ml`)
  return `Mixed ${plainText(name)}${parts.length > 0 ? `: ${parts.join(', ')}` : ''}`
}

const SAYS: Record<StorySaid['kind'], string> = {
  note: '',
  wrong: 'Went wrong: ',
  helped: '',
  'no-help': '',
}

function saidLine({ kind, text, part }: StorySaid): string {
  return `${SAYS[kind]}${plainText(text)}${part ? ` (${plainText(part)})` : ''}`
}
