'use client'

import { useMemo } from 'react'
import {
  hexOf,
  interleaved,
  type Lab,
  paintLaid,
  thicknessOf,
  type Variety,
  varietyOf,
  veilSteps,
} from '@/core/colour'
import { DROPS_PER_ML } from '@/core/knowledge'
import { brushedVolume } from '@/core/mixing'
import type { Bottle } from '@/core/model/bottle'
import { bottlePaint } from '@/core/shelf'
import { useProject } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { about, measured, number } from '@/ui/units'
import { addressNow } from '../shared/address'
import { isWithin, numberOf } from '../shared/fieldText'
import { useAddress } from './address'
import { ColourField } from './ColourField'
import { COATS_LAID, coatLaid, colouredPaints } from './coats'
import { FaceOfBuild } from './FaceOfBuild'
import { Surround } from './Judged'
import { ToneRow } from './ToneRow'
import { MOST_TONES, readTones, type ToneDraft, writeTones } from './toneAddress'

/** Strengths that areas begin with and are spread between, percent of paint. */
const STRENGTHS = [2, 10] as const
/** A face to begin with. */
const FACE = '#C9BFA2'
/** Bottles that areas begin with: up to so many of the thin ones. */
const BEGIN = 4

/** One area worked out: its look, and how much is mixed for it. */
export type ReadTone = {
  lab: Lab
  colour: string
  area: number
  /** The thinned mix, ml, and the paint in it, drops. */
  ml: number
  drops: number
}

/** The areas of an address; none: those that one begins with. */
function areasOf(text: string, paints: readonly Bottle[]): ToneDraft[] {
  const typed = readTones(text)
  return typed.length > 0 ? typed : beginning(paints)
}

/** Several areas side by side: rust in many tones, chalking from panel to panel. */
export function Tones() {
  const project = useProject()
  const { get, getColour, set } = useAddress('/colour')
  const paints = useMemo(() => colouredPaints(project.shelf ?? []), [project])
  const face = getColour('face', FACE)
  const coat = coatLaid(get('coat', 'filter'))
  const text = get('tones', '')
  const drafts = useMemo(() => areasOf(text, paints), [text, paints])
  const change = (how: (areas: ToneDraft[]) => ToneDraft[]) =>
    set({ tones: writeTones(how(areasOf(addressNow('tones'), paints))) })
  const read = useMemo(
    () => drafts.map((draft) => readTone(draft, face, coat.wetUm, paints)),
    [drafts, face, coat, paints],
  )
  if (paints.length === 0)
    return (
      <p className="border-y-2 border-rule py-6">
        There is no coloured bottle on the shelf. Put some there with their colours, and they are
        shown beside each other.
      </p>
    )
  const good = read.filter((tone) => tone !== null)
  const named = drafts.filter((_, i) => read[i] !== null)
  const variety = good.length > 1 ? varietyOf(good) : null
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="space-y-4">
        <ColourField label="Face" value={face} onChange={(next) => set({ face: next })} />
        <FaceOfBuild onFace={(next) => set({ face: next })} />
        <SelectField
          label="Laid as"
          value={coat.value}
          onChange={(event) => set({ coat: event.target.value })}
          choices={COATS_LAID}
        />
        <p className="text-sm text-soft">
          Each pass is {coat.wetUm} µm wet. Areas are in the order in which they lie: neighbours
          should be told apart, and all of them together neither look alike nor fall apart.
        </p>
        <Button onClick={() => change(spreadOut)}>
          Spread the paint, {STRENGTHS[0]} to {STRENGTHS[1]} %
        </Button>
      </div>
      <div className="min-w-0">
        {variety && (
          <p className="text-lg" aria-live="polite">
            {varietyWords(variety, named)}
          </p>
        )}
        <SideBySide face={face} read={read} />
        <ol className="mt-4 border-t-2 border-strong" aria-label="Areas, in the order they lie">
          {drafts.map((draft, i) => (
            <ToneRow
              // biome-ignore lint/suspicious/noArrayIndexKey: an area is its place
              key={i}
              nth={i + 1}
              draft={draft}
              read={read[i] ?? null}
              paints={paints}
              onChange={(fields) =>
                change((areas) =>
                  areas.map((area, at) => (at === i ? { ...area, ...fields } : area)),
                )
              }
              onRemove={drafts.length > 1 ? () => change((areas) => areas.toSpliced(i, 1)) : null}
            />
          ))}
        </ol>
        <div className="mt-3 flex flex-wrap items-center justify-between gap-4">
          {drafts.length < MOST_TONES && (
            <Button onClick={() => change((areas) => [...areas, nextAfter(areas)])}>
              Add an area
            </Button>
          )}
          <Totals read={good} />
        </div>
      </div>
    </div>
  )
}

/** What the areas that can be read ask for together. */
function Totals({ read }: { read: readonly ReadTone[] }) {
  const ml = read.reduce((sum, tone) => sum + tone.ml, 0)
  const area = read.reduce((sum, tone) => sum + tone.area, 0)
  return (
    <p>
      In all {measured(ml, 'ml', 2)} of mix for {about(area, 'cm²', 1)}.
    </p>
  )
}

/** The areas beside each other, as wide as they are large. */
function SideBySide({ face, read }: { face: string; read: readonly (ReadTone | null)[] }) {
  return (
    <Surround className="mt-2">
      <div className="flex h-24" aria-hidden="true">
        <span className="w-12 shrink-0" style={{ background: face }} />
        {read.map((tone, i) =>
          tone ? (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: an area is its place
              key={i}
              style={{ background: tone.colour, flexGrow: tone.area, flexBasis: 0 }}
            />
          ) : null,
        )}
      </div>
    </Surround>
  )
}

function beginning(paints: readonly Bottle[]): ToneDraft[] {
  const thin = paints.filter((paint) => paint.role === 'wash' || paint.role === 'filter')
  const chosen = (thin.length > 1 ? thin : paints).slice(0, BEGIN)
  return chosen.map(({ id }, i) => ({
    name: `Area ${i + 1}`,
    bottle: id,
    percent: '5',
    passes: '1',
    area: '20',
  }))
}

function nextAfter(drafts: readonly ToneDraft[]): ToneDraft {
  const last = drafts.at(-1) as ToneDraft
  return { ...last, name: `Area ${drafts.length + 1}` }
}

/** The same areas with strengths that no neighbour shares. */
function spreadOut(drafts: readonly ToneDraft[]): ToneDraft[] {
  const strengths = interleaved(drafts.length, ...STRENGTHS)
  return drafts.map((draft, i) => ({
    ...draft,
    percent: String(Number((strengths[i] as number).toFixed(1))),
  }))
}

/** null while a number of it doesn't read. */
function readTone(
  draft: ToneDraft,
  face: string,
  wetUm: number,
  paints: readonly Bottle[],
): ReadTone | null {
  const bottle = paints.find((paint) => paint.id === draft.bottle) ?? paints[0]
  const [percent, passes, area] = [draft.percent, draft.passes, draft.area].map(numberOf)
  if (!bottle || !isWithin(percent, 0.1, 100) || !isWithin(area, 0.1, 100_000)) return null
  if (!isWithin(passes, 1, 20) || !Number.isInteger(passes)) return null
  const share = percent / 100
  const thickness = thicknessOf(wetUm, paintLaid(bottle, share))
  const veil = { paint: bottlePaint(bottle), thickness, passes }
  const lab = veilSteps(face, [veil]).at(-1)?.lab
  if (!lab) return null
  const ml = brushedVolume(area, wetUm, passes)
  const perMl = bottle.dropsPerMl ?? DROPS_PER_ML.paint
  return { lab, colour: hexOf(lab), area, ml, drops: ml * share * perMl }
}

function varietyWords(
  { spread, verdict, tooAlike }: Variety,
  drafts: readonly ToneDraft[],
): string {
  const said = {
    alike: 'They look alike: nothing breaks the surface up.',
    lively: 'They are lively together, neither alike nor torn.',
    chaotic: 'They fall apart: the lightest and the darkest are too far from each other.',
  }[verdict]
  const pairs = tooAlike.map(({ first, deltaE00 }) => {
    const [one, next] = [drafts[first]?.name, drafts[first + 1]?.name]
    return `${one} and ${next} can’t be told apart (ΔE00 ${number(deltaE00, 1, true)}).`
  })
  return [`${said} Lightness spreads by L* ${number(spread, 1, true)}.`, ...pairs].join(' ')
}
