import { usualStep } from '../../builds/usualStep'
import { colourSaid, isColourWord } from '../../colour/saidColour'
import { ACT_OF_ROLE } from '../../knowledge/words/roles'
import { type KeyWord, SHEET_FIGURES } from '../../knowledge/words/ways'
import type { Part } from '../../model/build'
import { parseDuration } from '../../model/duration'
import { isAct } from '../../model/isAct'
import type { ActStep, Step, WaitStep } from '../../model/sequence'
import type { Act } from '../../model/vocabulary'
import { Draft, type SaidStep } from './draft'
import type { Item } from './items'
import type { Known, NamedSteps, Sense } from './lexicon'
import { likelyAct, openingIn, opensAnother, senseOf } from './openings'
import { pieceOfTime } from './saidDuration'
import { sayInto } from './sayInto'

/** A step that was read: what it says, and the parts that it names; null: nobody said which. */
export type PlanStep = { step: SaidStep | WaitStep; parts: string[] | null }

type Missed = (item: Item) => void

/** Acts that dry nothing. */
const WORK = ['prep', 'level', 'handle', 'mask', 'unmask'] as const
/** Longer than this is a wait, minutes. */
const LONGEST_WORK = 120

/** Reads pieces of statements into steps, in order; remembers what is being said. */
export class StepReader {
  readonly steps: PlanStep[] = []
  private parts: readonly Part[] | undefined
  private draft: Draft | null = null
  /** Parts that a line begins with: "Hull, wings: …". */
  private prefix: string[] | null = null
  /** Waits of the piece that is read: they come behind its step. */
  private waits: Record<string, unknown>[] = []
  /** After "on": names are parts; after "but": they are left out. */
  private naming: 'on' | 'but' | null = null
  /** A word that waits for its value. */
  private asked: KeyWord | null = null
  private inSheet = false
  private figure: string | null = null
  private behindCoat = false
  /** A name that may go on with the next word: where it ends. */
  private nameEnds: number | null = null
  private behindCount = false

  constructor(
    private readonly known: Known,
    private readonly before: readonly Step[],
  ) {
    this.parts = known.parts
  }

  /** Parts that the text itself has told of. */
  know(parts: readonly Part[]): void {
    this.parts = parts
  }

  /** Parts before a colon. @returns are they parts? */
  takePrefix(items: readonly Item[]): boolean {
    const isList = items.every(
      (item) => this.partIn(item) !== null || isJoiner(item) || senseOf(item, 'all'),
    )
    if (!isList) return false
    const ids = items.flatMap((item) => (isJoiner(item) ? [] : (this.partIn(item) ?? [])))
    this.prefix = ids.length > 0 ? ids : null
    return true
  }

  endStatement(): void {
    this.endPiece()
    this.finish()
    this.naming = null
  }

  endLine(): void {
    this.endStatement()
    this.prefix = null
  }

  /** Reads a piece; where there is no step to say it of, the words that nobody knows are what is wrong with it. */
  readPiece(items: readonly Item[], missed: Missed): void {
    const lost: Item[] = []
    this.readItems(items, (item) => lost.push(item))
    const strange = lost.filter((item) => item.is === 'unknown' || item.is === 'name')
    for (const item of this.draft || strange.length === 0 ? lost : strange) missed(item)
  }

  private readItems(items: readonly Item[], missed: Missed): void {
    this.endPiece()
    if (this.naming && this.takeParts(items)) return
    this.naming = null
    const opening = this.openingOf(items)
    const early = new Set<number>()
    if (opening >= 0) {
      for (let i = 0; i < opening; i++) if (this.waitEarly(items[i] as Item)) early.add(i)
      this.endPiece()
      this.open(items[opening] as Item, missed)
    }
    for (let i = 0; i < items.length; i++) {
      const item = items[i] as Item
      if (i === opening || early.has(i)) continue
      if (i > opening && opensAnother(item) && !this.isSameAct(item)) {
        this.endPiece()
        this.open(item, missed)
      } else i += this.take(items, i, missed) - 1
    }
    this.missValue(items, missed)
  }

  /** A word that waits for its value at the end of a piece says nothing. */
  private missValue(items: readonly Item[], missed: Missed): void {
    const { asked } = this
    if (!asked || asked.mayStandAlone) return
    const word = items.findLast((item) => senseOf(item, 'key')?.key === asked)
    if (word) missed(word)
  }

  /** Which item of a piece opens a step; -1: none, it goes on with the step before. */
  private openingOf(items: readonly Item[]): number {
    const isPlain = !this.draft?.isClearWithoutSheen()
    const strong = openingIn(items, false)
    if (strong >= 0) return strong
    const paint = items.findIndex((item, i) => this.paints(item, items[i - 1]))
    const goesOn = this.draft?.row().kind === 'film' && !this.draft.hasPaint()
    if (paint >= 0 && !goesOn) return paint
    const plain = isPlain ? openingIn(items, true) : -1
    return plain < 0 && !this.draft && items[0] && isOnlyColour(items[0]) ? 0 : plain
  }

  /** Is this a paint by its name: a bottle, a kept mix, a name that nobody knows? */
  private paints(item: Item, before: Item | undefined): boolean {
    if (techniqueIn(item)) return true
    if (senseOf(before, 'on')) return false
    const bottle = senseOf(item, 'bottle')?.bottle
    if (bottle) return ACT_OF_ROLE[bottle.role] !== null
    return senseOf(item, 'mix') !== null || (item.is === 'name' && !this.known.shelf)
  }

  private isSameAct(item: Item): boolean {
    const act = senseOf(item, 'act')
    return act !== null && this.draft?.fields.do === likelyAct(act, this.actsBefore(null))
  }

  private open(item: Item, missed: Missed): void {
    this.finish()
    const technique = techniqueIn(item)
    for (const step of technique?.steps ?? []) {
      this.finish()
      this.draft = this.begin(step)
    }
    if (technique) return
    const act = senseOf(item, 'act')
    if (act && !senseOf(item, 'bottle')) {
      this.draft = this.begin({ do: likelyAct(act, this.actsBefore(this.prefix)), ...act.says })
      return
    }
    const last = this.actsBefore(this.prefix).at(-1)
    if (senseOf(item, 'again')) {
      if (last) this.draft = this.begin(last)
      else missed(item)
      return
    }
    const bottle = senseOf(item, 'bottle')?.bottle
    const usual: Act = 'base'
    this.draft = this.begin({ do: (bottle && ACT_OF_ROLE[bottle.role]) ?? usual })
    this.take([item], 0, missed)
  }

  private begin(said: Partial<ActStep> & { do: Act }): Draft {
    const draft = new Draft(said)
    draft.parts = this.prefix
    return draft
  }

  /** A time before the act of its piece: "12 h, then", "after 45 min clean". */
  private waitEarly(item: Item): boolean {
    if (senseOf(item, 'wait')) return true
    const time =
      senseOf(item, 'time')?.wait ?? (item.is === 'token' ? pieceOfTime(item.token) : null)
    if (time === null) return false
    this.waits.push({ wait: time })
    return true
  }

  /** Takes one item, and what belongs to it. @returns how many items it took */
  private take(items: readonly Item[], at: number, missed: Missed): number {
    const item = items[at] as Item
    if (this.asked?.takes === 'text') return this.takeText(items, at)
    if (this.naming && this.takeName(item, missed)) return 1
    this.naming = null
    const wasCount = this.behindCount
    this.behindCount = false
    const wasCoat = this.behindCoat
    this.behindCoat = false
    if (item.is === 'token') return this.takeToken(items, at, wasCoat, missed)
    if (this.inSheet && this.takeFigure(item)) return 1
    if (senseOf(item, 'above') && items[at + 1]?.is === 'phrase') return 2
    if (this.isTone(item, items[at + 1])) {
      this.draft?.addColour(item.text.toLowerCase())
      return 1
    }
    const named = senseOf(items[at - 1], 'the') !== null || this.nameEnds === item.from - 1
    if (named && this.draft && !this.parts && this.takeName(item, missed)) return 1
    const count = countOf(item)
    if (count !== null && isCoats(items[at + 1]) && this.takeCount(count, false)) return 1
    if (item.is === 'phrase') {
      const used = item.senses.some((sense) => this.use(sense, item, wasCount, wasCoat))
      if (!used) missed(item)
      return 1
    }
    if (item.is === 'name' && this.takePaintName(item.text)) return 1
    missed(item)
    return 1
  }

  /** @returns was this the way to take it? */
  private use(sense: Sense, item: Item, wasCount: boolean, wasCoat: boolean): boolean {
    switch (sense.is) {
      case 'act':
        return this.isSameAct(item) && this.draft?.put(sense.says ?? {}) === true
      case 'again':
      case 'substrate':
      case 'technique':
        return this.isSameAct(item)
      case 'wait':
      case 'filler':
        if (wasCount) this.behindCount = true
        return true
      case 'time':
        return this.takeTime(sense.wait)
      case 'on':
      case 'but':
        this.naming = sense.is
        return this.draft !== null
      case 'all':
        this.naming = 'on'
        return (
          this.draft !== null && (!this.parts || this.nameParts(this.parts.map(({ id }) => id)))
        )
      case 'part':
        return this.nameParts([sense.part.id])
      case 'key':
        this.asked = sense.key
        return this.draft !== null
      case 'sheet':
        this.inSheet = this.draft !== null
        return this.inSheet
      case 'the':
        return true
      case 'coats':
        if (wasCount) this.behindCount = true
        return true
      case 'times':
        return this.takeCount(sense.count, wasCoat)
      case 'use':
      case 'waits':
      case 'above':
      case 'count':
        return false
      case 'humidity':
        return this.draft !== null
      case 'coat':
        this.behindCoat = true
        return this.draft !== null && sayInto(this.draft, sense, item.text, wasCount)
      default:
        return this.draft !== null && sayInto(this.draft, sense, item.text, wasCount)
    }
  }

  /** "Light" before a colour is its tone, and no coat; before another coat it is one. */
  private isTone(item: Item, next: Item | undefined): boolean {
    const beforeColour = senseOf(next, 'colour') !== null && senseOf(next, 'coat') === null
    return senseOf(item, 'coat') !== null && senseOf(item, 'colour') !== null && beforeColour
  }

  private takeCount(count: number, wasCoat: boolean): boolean {
    if (this.draft?.row().inCoats !== true) return false
    if (!this.draft.addCount(count, wasCoat)) return false
    this.behindCount = true
    return true
  }

  private nameParts(ids: readonly string[]): boolean {
    if (!this.draft) return false
    const named = this.draft.parts === this.prefix ? [] : (this.draft.parts ?? [])
    this.draft.parts = [...new Set([...named, ...ids])]
    return true
  }

  /** A paint that isn't on any shelf is a product by its name; its colour is what its name says. */
  private takePaintName(text: string): boolean {
    if (!this.draft || this.known.shelf) return false
    this.draft.putInto('product', { name: text })
    const words = text.toLowerCase().split(' ').filter(isColourWord)
    for (const word of words) this.draft.addColour(word)
    return true
  }

  private takeText(items: readonly Item[], at: number): number {
    const field = this.asked?.field as string
    this.asked = null
    const first = items[at] as Item
    const braces = items.findIndex(
      (item, i) => i > at && item.is === 'token' && item.token.is === 'json',
    )
    const taken = isQuoted(first) ? [first] : items.slice(at, braces < 0 ? undefined : braces)
    this.draft?.put({ [field]: taken.map(({ text }) => text).join(' ') })
    return taken.length
  }

  private takeFigure(item: Item): boolean {
    const figures = Object.entries(SHEET_FIGURES) as [string, readonly string[]][]
    const figure = figures.find(([, words]) => words.includes(item.text.toLowerCase()))
    if (figure) this.figure = figure[0]
    return figure !== undefined
  }

  /** A part by an item; without known parts any name. */
  private partIn(item: Item): string[] | null {
    const part = senseOf(item, 'part')?.part
    if (part) return [part.id]
    if (this.parts || (item.is !== 'name' && item.is !== 'unknown')) return null
    return [item.text]
  }

  /** @returns is it a part, or what stands between parts? */
  private takeName(item: Item, missed: Missed): boolean {
    const isBut = this.naming === 'but'
    if (senseOf(item, 'but')) this.naming = 'but'
    if (senseOf(item, 'all') && this.parts) return this.nameParts(this.parts.map(({ id }) => id))
    const ids = this.partIn(item)
    if (ids === null && (item.is === 'name' || item.is === 'unknown')) {
      missed(item)
      return true
    }
    if (ids === null) return isJoiner(item) || senseOf(item, 'but') !== null
    if (!isBut) return this.nameParts(this.parts ? ids : [this.longerName(item)])
    const all = this.draft?.parts ?? this.parts?.map(({ id }) => id) ?? []
    if (this.draft) this.draft.parts = all.filter((id) => !ids.includes(id))
    return true
  }

  /** A name of several words that nobody knows: "lower hull". The shorter one before is taken back. */
  private longerName(item: Item): string {
    const goesOn = this.nameEnds !== null && item.from === this.nameEnds + 1
    this.nameEnds = item.to
    const last = goesOn ? this.draft?.parts?.at(-1) : undefined
    if (!this.draft || last === undefined) return item.text
    this.draft.parts = this.draft.parts?.slice(0, -1) ?? null
    return `${last} ${item.text}`
  }

  /** A piece behind a list of parts that holds nothing but parts. */
  private takeParts(items: readonly Item[]): boolean {
    const isList = items.every((item) => this.partIn(item) !== null || isJoiner(item))
    if (!isList) return false
    for (const item of items) this.takeName(item, () => undefined)
    return true
  }

  private takeToken(items: readonly Item[], at: number, wasCoat: boolean, missed: Missed): number {
    const item = items[at] as Extract<Item, { is: 'token' }>
    const { token } = item
    const { draft } = this
    if (token.is === 'number') return this.takeNumber(items, at, wasCoat, missed)
    if (token.is === 'colon' || token.is === 'stray') return 1
    if (draft && token.is === 'hex') draft.put({ colour: colourSaid(token.text) })
    else if (token.is === 'json') this.takeJson(token.value as Record<string, unknown>)
    else if (draft && token.is === 'ratio' && draft.row().kind === 'film') {
      draft.put({ thinning: Number((token.b / (token.a + token.b)).toFixed(3)) })
      this.asked = null
    } else if (!(token.is === 'quoted' && this.takePaintName(token.text))) missed(item)
    return 1
  }

  /** What is in braces goes to the wait just said, else to the step. */
  private takeJson(said: Record<string, unknown>): void {
    const wait = this.waits.at(-1)
    if (wait) Object.assign(wait, said)
    else if (this.draft) Object.assign(this.draft.json, said)
    else if (typeof said.wait === 'string') this.waits.push(said)
  }

  private takeNumber(items: readonly Item[], at: number, wasCoat: boolean, missed: Missed): number {
    const { token } = items[at] as Extract<Item, { is: 'token' }>
    if (token.is !== 'number') return 1
    const next = senseOf(items[at + 1], 'key')?.key
    if (pieceOfTime(token) !== null) {
      let end = at
      const pieces: string[] = []
      for (; end < items.length; end++) {
        const piece = items[end]
        const time = piece?.is === 'token' ? pieceOfTime(piece.token) : null
        if (time === null) break
        pieces.push(time)
      }
      const key = senseOf(items[end], 'key')?.key
      const belongs = !this.asked && key?.takes === 'duration' && this.draft !== null
      if (belongs) this.asked = key
      if (!this.takeTime(pieces.join(' '))) missed(items[at] as Item)
      return end - at + (belongs ? 1 : 0)
    }
    if (token.unit === 'x') {
      if (!this.takeCount(token.value, wasCoat)) missed(items[at] as Item)
      return 1
    }
    const climate = this.climateOf(items, at)
    if (climate) return climate
    const key = this.asked ?? next
    if (this.draft && key && (key.takes === 'percent' || key.takes === 'number')) {
      const isShare = key.takes === 'percent' && token.unit !== '%' && token.value <= 1
      this.draft.put({ [key.field]: scaled(token.value, isShare ? 1 : (key.times ?? 1)) })
      const ahead = this.asked === null
      this.asked = null
      return ahead ? 2 : 1
    }
    if (token.unit === '' && this.draft?.row().cuts !== undefined) this.takeGrit(token.value)
    else if (!(token.unit === '' && isCoats(items[at + 1]) && this.takeCount(token.value, false)))
      missed(items[at] as Item)
    return 1
  }

  /** Another grit than the one said is another round of the same work: "sand 400, 600, 800". */
  private takeGrit(grit: number): void {
    const { draft } = this
    if (!draft || draft.put({ grit })) return
    const { grit: _, ...round } = draft.fields
    this.finish()
    this.draft = new Draft(round as SaidStep)
    this.draft.parts = draft.parts
    this.draft.put({ grit })
  }

  /** Degrees, and the humidity of the air, from this step on. @returns items taken; 0: it is neither */
  private climateOf(items: readonly Item[], at: number): number {
    const { token } = items[at] as Extract<Item, { is: 'token' }>
    if (token.is !== 'number' || !this.draft) return 0
    if (/^(?:°?c)$/.test(token.unit)) {
      this.draft.putInto('climate', { celsius: token.value })
      return 1
    }
    if (token.unit === '°f') {
      this.draft.putInto('climate', { celsius: Number((((token.value - 32) * 5) / 9).toFixed(2)) })
      return 1
    }
    const isAir = token.unit === '%' && senseOf(items[at + 1], 'humidity') !== null
    if (isAir) this.draft.putInto('climate', { humidity: token.value })
    return isAir ? 2 : 0
  }

  /** A time: of the word that asked for one, of a sheet's figure, else a wait. */
  private takeTime(wait: string): boolean {
    const key = this.asked
    if (this.inSheet && this.figure && this.draft) {
      this.draft.putInto('product', { [this.figure]: wait })
      this.figure = null
      return true
    }
    if (key?.takes === 'duration' && this.draft) {
      const minutes = parseDuration(wait) ?? 0
      const value = key.field === 'gap' ? wait : scaled(minutes, key.times ?? 1)
      this.draft.put({ [key.field]: value })
      this.asked = null
      return true
    }
    if (this.draft && this.lasts(wait)) this.draft.put({ minutes: parseDuration(wait) })
    else this.waits.push({ wait })
    return true
  }

  /** Said of work that lays nothing, a short time is how long it takes. */
  private lasts(wait: string): boolean {
    const { kind, fills } = this.draft?.row() ?? { kind: 'film' as const }
    const isWork = !fills && WORK.some((other) => other === kind)
    return (
      isWork &&
      (parseDuration(wait) ?? 0) <= LONGEST_WORK &&
      this.draft?.fields.minutes === undefined
    )
  }

  /** Behind the step of a piece come its waits. */
  private endPiece(): void {
    this.asked = null
    this.inSheet = false
    this.figure = null
    this.behindCoat = false
    this.behindCount = false
    if (this.waits.length === 0) return
    const parts = this.draft?.parts ?? this.prefix
    this.finish()
    for (const wait of this.waits) this.steps.push({ step: wait as WaitStep, parts })
    this.waits = []
  }

  private finish(): void {
    const { draft } = this
    this.draft = null
    if (!draft) return
    const step = usualStep(draft.said(), this.actsBefore(draft.parts))
    const { do: act, ...rest } = step
    const whole = Object.entries({ do: act, ...rest, ...draft.json }).filter(
      ([, value]) => value !== null,
    )
    this.steps.push({ step: Object.fromEntries(whole) as SaidStep, parts: draft.parts })
  }

  /** Acts before, newest last, that share a part with these; null: all of them. */
  private actsBefore(parts: readonly string[] | null): ActStep[] {
    const own = this.steps.filter(
      (other) => !parts || !other.parts || other.parts.some((part) => parts.includes(part)),
    )
    return [...this.before, ...own.map(({ step }) => step as Step)].filter(isAct)
  }
}

/** The number that a word says; null: none. */
function countOf(item: Item): number | null {
  if (item.is !== 'phrase') return null
  for (const sense of item.senses) if (sense.is === 'count') return sense.count
  return null
}

/** Is this what is counted: a weight of coat, or the word for coats? */
function isCoats(item: Item | undefined): boolean {
  return senseOf(item, 'coat') !== null || senseOf(item, 'coats') !== null
}

/** A technique by its name; a word that is an act by itself is that act, unless it stands in quotes. */
function techniqueIn(item: Item): NamedSteps | null {
  if (!isQuoted(item) && senseOf(item, 'act')) return null
  return senseOf(item, 'technique')?.technique ?? null
}

function isQuoted(item: Item): boolean {
  return item.is === 'phrase'
    ? item.quoted === true
    : item.is === 'token' && item.token.is === 'quoted'
}

/** A colour, and nothing else: a statement that says no more than that is a coat of it. */
function isOnlyColour(item: Item): boolean {
  return item.is === 'phrase' && item.senses.every(({ is }) => is === 'colour')
}

function isJoiner(item: Item): boolean {
  const isComma = item.is === 'token' && item.token.is === 'comma'
  return isComma || senseOf(item, 'filler') !== null
}

function scaled(value: number, times: number): number {
  return Number((value * times).toPrecision(12))
}
