import { colourSaid } from '../../colour/saidColour'
import { type ActRow, actRow, laysClear } from '../../knowledge/acts'
import type { Bottle } from '../../model/bottle'
import type { BuildAct } from '../../model/build'
import type { ActStep } from '../../model/sequence'
import type { Coat } from '../../model/vocabulary'

/** What a step says beside its act, without what ties it to a build. */
export type SaidStep = ActStep &
  Partial<
    Pick<BuildAct, 'accepted' | 'mix' | 'bottle' | 'thinner' | 'together' | 'split' | 'endsAfter'>
  >

/** A step while it is read. */
export class Draft {
  readonly fields: Record<string, unknown>
  private readonly coats: Coat[] = []
  private readonly colours: string[] = []
  private count: number | null = null
  /** Fields that words of this step have said, beyond what its act brings along. */
  private readonly told = new Set<string>()
  private paint: Bottle | null = null
  /** Ids of parts, or names where nobody knows them; null: nobody said. */
  parts: string[] | null = null
  /** What is written in braces, over everything else. */
  json: Record<string, unknown> = {}

  constructor(said: Partial<ActStep> & { do: ActStep['do'] }) {
    this.fields = { ...said }
    if (said.coats) this.coats.push(...said.coats)
    delete this.fields.coats
  }

  row(): ActRow {
    const { do: act, family } = this.fields as SaidStep
    return actRow(act, family)
  }

  /** Is something said already that it is painted with? */
  hasPaint(): boolean {
    return this.paint !== null || this.fields.mix !== undefined || this.fields.product !== undefined
  }

  isClearWithoutSheen(): boolean {
    return laysClear(this.fields as SaidStep) && this.fields.sheen === undefined
  }

  addColour(word: string): void {
    this.colours.push(word)
  }

  /** A coat as often as was said just before; @param adjacent is the number its own? */
  addCoat(coat: Coat, adjacent: boolean): void {
    const times = adjacent && this.count !== null ? this.count : 1
    if (adjacent) this.count = null
    for (let i = 0; i < times; i++) this.coats.push(coat)
  }

  /** So many coats; behind a weight so many of that. @returns false: another number was said before */
  addCount(count: number, behindCoat: boolean): boolean {
    const last = this.coats.at(-1)
    if (behindCoat && last) for (let i = 1; i < count; i++) this.coats.push(last)
    else if (this.count !== null && this.count !== count) return false
    else this.count = count
    return true
  }

  take(bottle: Bottle): void {
    if (bottle.role === 'thinner') this.fields.thinner = bottle.id
    else this.paint = bottle
  }

  /**
   * A list is added to, anything else replaces what the act brought along.
   *
   * @returns false: the words before said something else of it, and that stays
   */
  put(says: Record<string, unknown>): boolean {
    const entries = Object.entries(says)
    const otherwise = ([field, value]: [string, unknown]) =>
      this.told.has(field) && !Array.isArray(value) && this.fields[field] !== value
    if (entries.some(otherwise)) return false
    for (const [field, value] of entries) {
      const old = this.fields[field]
      this.fields[field] =
        Array.isArray(value) && Array.isArray(old) ? [...new Set([...old, ...value])] : value
      this.told.add(field)
    }
    return true
  }

  /** Puts a figure into an object of the step: its climate, its product. */
  putInto(field: 'climate' | 'product', says: Record<string, unknown>): void {
    this.fields[field] = { ...(this.fields[field] as object | undefined), ...says }
  }

  /** The step as it was said, with what its paint brings along. */
  said(): SaidStep {
    const { paint, fields } = this
    const colour = this.colours.length > 0 ? colourSaid(this.colours.join(' ')) : null
    const [only] = this.coats
    if (only && this.coats.length === 1 && this.count !== null)
      for (let i = 1; i < this.count; i++) this.coats.push(only)
    const coats =
      this.coats.length > 0
        ? this.coats
        : Array.from({ length: this.count ?? 0 }, (): Coat => 'light')
    return {
      ...(paint ? paintFields(paint, laysClear(fields as SaidStep)) : {}),
      ...(colour ? { colour } : {}),
      ...(coats.length > 0 ? { coats: coats.slice(0, 30) } : {}),
      ...fields,
    } as SaidStep
  }
}

/** What a step gets from its bottle. */
export function paintFields(bottle: Bottle, clear: boolean): Partial<SaidStep> {
  return {
    bottle: bottle.id,
    family: bottle.family,
    ...(bottle.colour && !clear ? { colour: bottle.colour } : {}),
    ...(bottle.sheen ? { sheen: bottle.sheen } : {}),
  }
}
