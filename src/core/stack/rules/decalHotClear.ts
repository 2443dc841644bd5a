import type { Family } from '../../model/vocabulary'
import { filmState } from '../film'
import type { Rule } from '../finding'
import { openFilms } from '../stack'
import { lighterCoatWays } from '../ways'
import { theWork } from '../words'

const HOT: readonly Family[] = ['lacquer', 'urethane-2k']

/** A wet lacquer or two-part coat over decals without mist coats first. Source: handbook 2.6, 6. */
export const decalHotClear: Rule = {
  name: 'decal-hot-clear',
  timing: false,
  judge: (moment) => {
    const { work, at, series } = moment
    if (work.row.kind !== 'film' || !work.family || !HOT.includes(work.family)) return null
    const decal = openFilms(moment.stack).find((film) => film.role === 'decal')
    const wet = work.coats.findIndex((coat) => coat === 'wet' || coat === 'flood')
    if (!decal || wet < 0 || work.coats.slice(0, wet).includes('mist')) return null
    return {
      severity: 'risk',
      because: `A wet coat of ${theWork(moment)} comes to the decals before any mist coat: they wrinkle or dissolve.`,
      on: { film: 'decal', state: filmState(decal, at, series) },
      ways: () => lighterCoatWays(moment),
    }
  },
}
