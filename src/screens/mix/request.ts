import { mixSchema } from '@/core/formats/mixFile'
import { CUPS } from '@/core/knowledge'
import { type Mix, type MixRequest, mix } from '@/core/mixing'
import type { Bottle } from '@/core/model/bottle'
import { parse } from '@/core/model/input'
import type { StoredMix } from '@/core/model/mix'
import type { BenchTool } from '@/core/model/tool'
import { numberOf } from '../shared/fieldText'
import { sayProblem } from '../shared/problemWords'

/** One ingredient as it is typed. */
export type Line = { key: number; bottle: string; name: string; parts: string; share: string }

/** Cups to choose from, ml: the usual ones and those of the shelf. */
export function cupSizes(tools: readonly BenchTool[]): number[] {
  const own = tools.flatMap(({ holdsMl }) => (holdsMl === undefined ? [] : [holdsMl]))
  return [...new Set([...CUPS, ...own])].sort((a, b) => a - b)
}

/** What lies on the desk at first. */
export const BEGIN: readonly Line[] = [
  { key: 1, bottle: '', name: 'paint', parts: '2', share: '' },
  { key: 2, bottle: '', name: 'thinner', parts: '1', share: '' },
]

/** How much is mixed, as it is typed: a volume, or what an area and its coats take. */
export type Amount = {
  by: 'volume' | 'area'
  volume: string
  area: string
  coats: string
  tool: string
  open: boolean
}

/** A request as it comes from the form: judged by the schema. */
export function requestOf(
  lines: readonly Line[],
  amount: Amount,
  cup: string,
  shelf: readonly Bottle[],
): unknown {
  const ingredients = lines.map((line) => {
    const bottle = shelf.find((bottle) => bottle.id === line.bottle)
    const share = numberOf(line.share)
    return {
      name: bottle?.name ?? line.name,
      parts: numberOf(line.parts),
      ...(share === undefined ? {} : { share: typeof share === 'number' ? share / 100 : share }),
      ...(bottle?.dropsPerMl === undefined ? {} : { dropsPerMl: bottle.dropsPerMl }),
    }
  })
  return {
    format: 'tectoria-mix',
    version: 1,
    ingredients,
    round: 'drops',
    ...(cup === '' ? {} : { cupMl: Number(cup) }),
    ...(amount.by === 'volume'
      ? { volumeMl: numberOf(amount.volume) }
      : {
          area: numberOf(amount.area),
          coats: amount.coats.split(/[\s,]+/).filter(Boolean),
          tool: amount.tool,
          open: amount.open,
        }),
  }
}

/** The mix that a request reads as, or what is wrong with each field. */
export type Read = { mixed: Mix | null; errors: Record<string, string> }

/** Reads a request as the schema of the format does. */
export function readMix(request: unknown): Read {
  const parsed = parse(mixSchema, request)
  if (!parsed.ok) {
    const errors: Record<string, string> = {}
    for (const problem of parsed.problems)
      errors[problem.path || 'volumeMl'] ??= sayProblem(problem)
    return { mixed: null, errors }
  }
  if (parsed.value.ingredients[0]?.share === 0)
    return {
      mixed: null,
      errors: { 'ingredients[0].share': 'Paint comes first: enter more than 0 %' },
    }
  return { mixed: mix(parsed.value as MixRequest), errors: {} }
}

/** The lines with so much thinner that it is a share of the mix; paints keep their proportions. Without a thinner, one is added. */
export function thinnedTo(
  lines: readonly Line[],
  share: number,
  shelf: readonly Bottle[],
): readonly Line[] {
  const isThinner = (line: Line) => {
    const bottle = shelf.find((bottle) => bottle.id === line.bottle)
    return bottle ? bottle.role === 'thinner' : line.name.includes('thinner')
  }
  const paint = lines
    .filter((line) => !isThinner(line))
    .reduce((sum, line) => sum + (Number(numberOf(line.parts)) || 0), 0)
  const parts = String(Number(((paint * share) / (1 - share)).toFixed(3)))
  const at = lines.findIndex(isThinner)
  if (at >= 0) return lines.map((line, i) => (i === at ? { ...line, parts } : line))
  return [...lines, { key: nextKey(lines), bottle: '', name: 'thinner', parts, share: '' }]
}

/** A key that no line has. */
export function nextKey(lines: readonly Line[]): number {
  return Math.max(0, ...lines.map((line) => line.key)) + 1
}

/** A paint share as it is typed, %. */
export function sharePercent(share: number): string {
  return String(Number((share * 100).toFixed(2)))
}

/** The lines of a saved mix, from the bottles that are still on the shelf. */
export function linesOf({ ingredients }: StoredMix, shelf: readonly Bottle[]): Line[] {
  const known = new Set(shelf.map(({ id }) => id))
  return ingredients.map(({ name, bottle, parts, share }, key) => ({
    key,
    bottle: bottle !== undefined && known.has(bottle) ? bottle : '',
    name,
    parts: String(parts),
    share: share === undefined ? '' : sharePercent(share),
  }))
}
