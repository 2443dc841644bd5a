import type { RuleName } from '../../stack/rules/finding'
import { newest, type Which } from '../history'
import { type EvidenceFrom, type Lookup, UNKNOWN } from '../look'

/**
 * What the check says of what was done, in its own words: the newest that speaks.
 *
 * @param of the kind of step that it speaks of; where there was none nobody knows
 * @param silent what its silence means
 */
function told(from: EvidenceFrom, of: Which, rules: readonly RuleName[], silent: string): Lookup {
  return {
    from,
    see: (history) => {
      if (!newest(history, of)) return UNKNOWN
      const found = history.findings.findLast(({ rule }) => rules.includes(rule))
      return found
        ? { is: true, say: found.because.replace(/\.$/, '') }
        : { is: false, say: silent }
    },
  }
}

const FILM: Which = { kind: ['film'] }
const CLEAR: Which = { role: ['clear'] }
const TAPED: Which = { kind: ['mask', 'unmask'] }
const CLEANED: Which = { kind: ['clean'] }
const DECALS: Which = { role: ['decal'] }
const POLISHED: Which = { kind: ['level'] }
const OPENED: Which = { kind: ['open'] }
const METAL: Which = { role: ['metal'] }
const POWDER: Which = { role: ['pigment'] }
const WASH: Which = { role: ['wash', 'filter', 'oil'] }

/** What the rules of chapter 2.6 know of a history. Source: handbook 2.6. */
export const TOLD_LOOKS = {
  'attacked-film': told(
    'stack',
    FILM,
    ['solvent-attacks-film'],
    'No solvent attacked what was under it',
  ),
  'attacked-plastic': told(
    'stack',
    FILM,
    ['solvent-attacks-substrate'],
    'No solvent attacked the plastic',
  ),
  'coated-too-early': told('stack', FILM, ['recoat-too-early'], 'What lay under it had dried'),
  'hard-on-soft': told('stack', FILM, ['hard-over-soft'], 'Nothing hard lies over anything soft'),
  'not-degreased': told(
    'plan',
    FILM,
    ['needs-degrease', 'degrease-expired'],
    'It was washed or degreased before',
  ),
  'not-primed': told('stack', FILM, ['needs-primer', 'needs-etch'], 'It was primed'),
  'taped-too-early': told(
    'stack',
    TAPED,
    ['tape-too-early', 'mask-too-early'],
    'The tape came when the paint bore it',
  ),
  'tape-stayed': told('stack', TAPED, ['mask-left-on', 'unmask-late'], 'The mask came off in time'),
  'cleaned-too-late': told(
    'stack',
    CLEANED,
    ['clean-too-late'],
    'It was cleaned inside its window',
  ),
  'cleaned-too-early': told('stack', CLEANED, ['clean-too-early'], 'It wasn’t cleaned too early'),
  'rubbed-through': told('stack', CLEANED, ['wear-through'], 'It wasn’t rubbed more than it bears'),
  'laid-on-matt': told(
    'stack',
    WASH,
    ['flow-needs-gloss'],
    'It lies on a face that is smooth enough',
  ),
  'decal-on-matt': told('stack', DECALS, ['decal-needs-gloss'], 'The decals lie on gloss'),
  'hot-clear-on-decal': told(
    'stack',
    DECALS,
    ['decal-hot-clear'],
    'No hot clear went wet over the decals',
  ),
  'softener-was-strong': told(
    'plan',
    DECALS,
    ['softener-too-strong'],
    'The softener suits the film',
  ),
  'decal-still-wet': told('stack', DECALS, ['decal-moisture'], 'The decals were dry'),
  'bubbles-not-looked-for': told(
    'plan',
    DECALS,
    ['decal-bubble-check'],
    'Bubbles were looked for before the clear',
  ),
  'polished-too-early': told(
    'stack',
    POLISHED,
    ['polish-too-early', 'sand-too-early'],
    'It was hard enough to polish',
  ),
  'clear-too-thin': told(
    'stack',
    POLISHED,
    ['clear-too-thin-to-polish'],
    'There was clear enough to polish',
  ),
  'edges-rubbed': told('plan', POLISHED, ['edge-rub-through'], 'Its edges were let alone'),
  'top-unfriendly': told(
    'stack',
    OPENED,
    ['release-needs-thin-water-friendly-top'],
    'Water gets through what lies over the release',
  ),
  'undercoat-was-weak': told('stack', OPENED, ['undercoat-not-fast'], 'The undercoat is fast'),
  'clear-dulls-metal': told(
    'stack',
    METAL,
    ['clear-kills-metal'],
    'No clear that dulls it lies on the metal',
  ),
  'touched-too-early': told(
    'stack',
    FILM,
    ['handled-too-early', 'tape-too-early', 'mask-too-early', 'turned-while-wet'],
    'It was hard before it was touched',
  ),
  'never-cures-there': told('stack', FILM, ['never-cures'], 'It cures on what it lies on'),
  'pot-life-over': told('stack', FILM, ['pot-life'], 'It was sprayed inside its pot life'),
  'fumes-on-glass': told(
    'part',
    FILM,
    ['fogs-clear-part'],
    'Nothing that fogs came near the clear part',
  ),
  'clear-on-powder': told(
    'stack',
    POWDER,
    ['clear-eats-powder', 'powder-loose'],
    'The powder was held',
  ),
  'matt-over-effect': told(
    'stack',
    CLEAR,
    ['matt-hides-effect', 'buried-preshade'],
    'No matt clear hides it',
  ),
  'contrast-too-strong': told('stack', FILM, ['contrast-stark'], 'Its contrast is in the band'),
  'marks-are-big': told('plan', FILM, ['marks-too-big'], 'Its marks suit the scale'),
  'too-few-coats': told(
    'plan',
    FILM,
    ['thin-paint-coats', 'clear-colour-needs-bright-base'],
    'The check misses no coat',
  ),
  'lines-close-up': told(
    'part',
    FILM,
    ['lines-will-close', 'tight-fit'],
    'The films leave the lines open',
  ),
  'tide-risk': told('plan', WASH, ['tide-mark-risk'], 'The check saw no risk of tide marks'),
  'too-hot-to-spray': told('climate', FILM, ['too-hot'], 'It wasn’t too hot to spray'),
} as const satisfies Record<string, Lookup>
