import { substrateRow } from '../knowledge/substrates'
import type { Build } from '../model/build'
import { plainText } from './logFile'
import type { Known } from './text/lexicon'
import { writePlan } from './text/writePlan'

/** A build as Markdown: what it is, its parts, its plan in words. */
export function buildMarkdown(build: Build, known: Omit<Known, 'parts' | 'techniques'>): string {
  const { name, scale, story, parts } = build
  const rows = parts.map(
    (part) =>
      `| ${plainText(part.name)} | ${substrateRow(part.substrate).name} | ${part.areaCm2 ?? ''} |`,
  )
  return [
    `# ${plainText(name)}`,
    '',
    ...(scale === undefined ? [] : [`1:${scale}`, '']),
    ...(story === undefined ? [] : [...story.split(/\n+/).map(plainText), '']),
    '| part | made of | cm² |',
    '| --- | --- | --- |',
    ...rows,
    '',
    '```',
    writePlan(build, known).trimEnd(),
    '```',
    '',
  ].join('\n')
}
