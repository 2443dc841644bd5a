import { EFFECT_WORDS } from '../../../knowledge/reactions'
import { SHEEN_WORDS, TOOL_WORDS } from '../../../knowledge/words/materials'
import { capital } from '../../../model/capital'
import { changed } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { effectsOn, type FilmEffect } from '../../state/solventEffects'
import { pairKey, type StepContext } from '../../state/stepContext'
import { type Answered, answered, type TestedOn } from '../../state/testPieces'
import { theSolvent } from '../../state/words'
import type { Draft, Remedy, Rule } from '../finding'

/**
 * An attack on purpose, a pair that the log doesn't know and that isn't inert, or an act that the modeller is new at, with no
 * test piece. Note. Source: handbook 2.6, 13.3.
 */
export const scrapTestFirst: Rule = {
  name: 'scrap-test-first',
  timing: false,
  subject: 'trial',
  judge: (context) => {
    if (context.step.tested) return null
    return ofPair(context) ?? ofAct(context)
  },
}

function ofPair(context: StepContext): Draft | null {
  const effects = effectsOn(context)
  if (context.step.intent === 'attack') {
    const [first = null] = effects
    return first && ofFilm(context, first)?.how === 'good' ? null : draft(context, first)
  }
  const { usedPairs } = context.setting
  const { solvent } = context.resolved
  if (!usedPairs || !solvent || context.resolved.row.kind === 'open') return null
  const unknown = effects.find(
    ({ film, effect }) =>
      effect !== '-' &&
      effect !== 's' &&
      film.role !== 'release' &&
      film.family !== context.resolved.family &&
      !usedPairs.has(pairKey(film.family, solvent)) &&
      ofFilm(context, { film, effect })?.how !== 'good',
  )
  return unknown ? draft(context, unknown) : null
}

function ofAct(context: StepContext): Draft | null {
  const { setting, step, stack, resolved } = context
  if (!setting.newAt.has(step.do) || resolved.row.kind === 'prep') return null
  const said = answered(setting.testPieces.acts.get(step.do), wanted(context, stack.sheen))
  if (said?.how === 'good') return null
  return {
    severity: 'note',
    because: `You are new at this (${resolved.row.name.toLowerCase()}). ${wanting(context, said, 'Try it on a test piece first')}.`,
    on: {},
    candidates: () => [testedAlready(context)],
  }
}

/** What a test piece must be like to answer for this step. */
function wanted({ setting, resolved }: StepContext, sheen: TestedOn['sheen']): TestedOn {
  return { areaCm2: setting.areaCm2 ?? 0, tool: resolved.tool, sheen }
}

/** What test pieces say of a solvent on a film; null: none was made that came out well. */
function ofFilm(context: StepContext, { film }: FilmEffect): Answered | null {
  const { setting, resolved } = context
  if (!resolved.solvent) return null
  const pieces = setting.testPieces.pairs.get(pairKey(film.family, resolved.solvent))
  return answered(pieces, wanted(context, film.sheen))
}

/** Why a test piece is wanted: there is none, or too small a one, or one of another tool or sheen. */
function wanting({ setting }: StepContext, said: Answered | null, none: string): string {
  if (said?.how === 'small')
    return `Your test piece is good for up to ${Math.round(said.upTo)} cm², and this has ${Math.round(setting.areaCm2 ?? 0)}: try it on a larger one`
  if (said?.how === 'otherwise')
    return `Your test piece was done otherwise (${pieceWords(said.as)}): try it as it will be done`
  return none
}

function pieceWords({ tool, sheen }: TestedOn): string {
  const on = sheen ? `${SHEEN_WORDS[sheen][0]} paint` : 'bare plastic'
  return `${TOOL_WORDS[tool][0]}, on ${on}`
}

function draft(context: StepContext, hit: FilmEffect | null): Draft {
  const { step, at, series } = context
  const what = hit
    ? `${capital(theSolvent(context))}, on ${theFilm(hit.film)}: ${EFFECT_WORDS[hit.effect]}`
    : `${context.resolved.solvent ? capital(theSolvent(context)) : 'This'} is meant to eat into it`
  const known = step.intent === 'attack' ? 'That is meant' : 'Your log doesn’t know this pair'
  return {
    severity: 'note',
    because: `${what}. ${wanting(context, hit && ofFilm(context, hit), `${known}: try it on a test piece first`)}.`,
    on: hit ? { film: hit.film.family, state: filmState(hit.film, at, series) } : {},
    candidates: () => [testedAlready(context)],
  }
}

function testedAlready({ step, index }: StepContext): Remedy {
  return {
    kind: 'order',
    say: 'It was tried on a test piece',
    edit: { replace: { step: index, with: changed(step, { tested: true }) } },
  }
}
