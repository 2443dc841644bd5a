import { laysClear } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { ActStep } from '@/core/model/sequence'
import type { Act, Family, Sheen } from '@/core/model/vocabulary'

/** A film that a modeller would name, and the act that lays it. */
export type FilmChoice = { id: string; say: string; group: string; step: ActStep }

const film = (
  group: string,
  say: string,
  act: Act,
  family: Family,
  more: Partial<ActStep> = {},
) => ({
  id: `${act}.${family}`,
  say,
  group,
  step: { do: act, family, ...more } as ActStep,
})

/** The films that are asked about, by what they are for. Source: handbook 2.1. */
export const FILMS: readonly FilmChoice[] = [
  film('Primer', 'Lacquer primer', 'prime', 'lacquer'),
  film('Primer', 'Acrylic-PU primer', 'prime', 'acrylic-pu'),
  film('Colour', 'Lacquer colour', 'base', 'lacquer'),
  film('Colour', 'Alcohol acrylic', 'base', 'alcohol-acrylic'),
  film('Colour', 'Water acrylic', 'base', 'water-acrylic'),
  film('Colour', 'Water acrylic by brush', 'detail', 'water-acrylic'),
  film('Colour', 'Enamel', 'base', 'enamel'),
  film('Metal', 'Lacquer metal', 'metal', 'lacquer'),
  film('Metal', 'Metal enamel', 'metal', 'metal-enamel'),
  film('Metal', 'Mirror metal', 'mirror-metal', 'mirror-metal', { coats: ['mist'] }),
  film('Metal', 'Chrome ink', 'chrome', 'chrome-ink', { coats: ['mist'] }),
  film('Metal', 'Reactive iron', 'iron', 'reactive-iron'),
  film('Clear', 'Lacquer clear', 'clear', 'lacquer', { sheen: 'gloss' }),
  film('Clear', 'Alcohol acrylic clear', 'clear', 'alcohol-acrylic', { sheen: 'gloss' }),
  film('Clear', 'Acrylic-PU clear', 'clear', 'acrylic-pu', { sheen: 'gloss' }),
  film('Clear', 'Two-part clear', 'clear', 'urethane-2k', { sheen: 'gloss' }),
  film('Clear', 'Enamel clear', 'clear', 'enamel', { sheen: 'gloss' }),
  film('Clear', 'Transparent colour', 'clear-colour', 'alcohol-acrylic'),
  film('Wash and line', 'Enamel wash in the lines', 'line', 'enamel-wash'),
  film('Wash and line', 'Watercolour in the lines', 'line', 'watercolour'),
  film('Wash and line', 'Overall water wash', 'wash', 'water-wash', { wick: true }),
  film('Wash and line', 'Enamel filter', 'filter', 'enamel-wash'),
  film('Weathering', 'Oil dots', 'oil-dots', 'oil'),
  film('Weathering', 'Enamel streaks', 'streak', 'enamel-wash'),
  film('Weathering', 'Powders', 'powder', 'pigment'),
  film('Weathering', 'Mud paste', 'mud', 'texture'),
  film('Other', 'Release coat', 'release', 'release'),
  film('Other', 'Decals', 'decal', 'decal'),
]

export function filmOf(id: string | null): FilmChoice | null {
  return FILMS.find((film) => film.id === id) ?? null
}

/** The film that a step of a build lays, as it would be asked about; null when none of these. */
export function filmOfStep(build: Build | undefined, step: string): FilmChoice | null {
  const laid = build?.steps.find((otherStep) => otherStep.id === step)
  if (!laid || !isAct(laid)) return null
  return (
    FILMS.find(
      (film) => film.step.do === laid.do && film.step.family === (laid.family ?? film.step.family),
    ) ??
    FILMS.find((film) => film.step.family === laid.family) ??
    null
  )
}

/** The film as it is asked about: with a sheen where it is a clear, with the coat it is laid in. */
export function asked(choice: FilmChoice, sheen: Sheen, coat: string): ActStep {
  const { step } = choice
  const coats = coat === '' ? step.coats : [coat as 'mist']
  return {
    ...step,
    ...(laysClear(step) ? { sheen } : {}),
    ...(coats ? { coats } : {}),
  }
}
