import type { Act } from '../model/vocabulary'
import type { PanelActDone } from './actContext'
import { marks, scratches } from './acts/chips'
import {
  chalk,
  coats,
  detail,
  drybrushed,
  graphited,
  mottle,
  preshade,
  toplight,
} from './acts/coats'
import { drops, dust, iron, mud, powder, powderFixed, soot } from './acts/dusts'
import { lining } from './acts/lining'
import { latex, salt, tape, unmask } from './acts/masks'
import { blended, oilDots } from './acts/oils'
import { dragged, stains, streaks } from './acts/streaks'
import { decal, decalSoftened, sanded } from './acts/takings'
import { cleanUp, filter, washOverAll, wipeBack } from './acts/washes'

/** What each act does to a surface; acts that aren't here change nothing of it. Source: handbook 10.3. */
export const PANEL_ACTS: Partial<Record<Act, PanelActDone>> = {
  prime: coats,
  base: coats,
  clear: coats,
  metal: coats,
  'mirror-metal': coats,
  chrome: coats,
  release: coats,
  glaze: coats,
  'clear-colour': coats,
  preshade,
  toplight,
  mottle,
  detail,
  chalk,
  drybrush: drybrushed,
  graphite: graphited,
  tape,
  latex,
  salt,
  untape: unmask,
  unlatex: unmask,
  unsalt: unmask,
  'chip-sponge': marks,
  'chip-brush': marks,
  pencil: marks,
  scratch: scratches,
  line: lining,
  'line-clean': cleanUp,
  wash: washOverAll,
  filter,
  'wash-clean': cleanUp,
  'wipe-back': wipeBack,
  'oil-dots': oilDots,
  blend: blended,
  streak: streaks,
  'streak-drag': dragged,
  stain: stains,
  'rust-wash': stains,
  iron,
  speckle: drops,
  splatter: drops,
  soot,
  dust,
  mud,
  powder,
  'powder-fix': powderFixed,
  decal,
  'decal-soften': decalSoftened,
  sand: sanded,
  scuff: sanded,
  'cut-polish': sanded,
  compound: sanded,
}
