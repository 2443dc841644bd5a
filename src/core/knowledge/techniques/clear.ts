import { entries } from './technique'

/** Source: handbook 6, clear coats, decals, polishing. */
export const CLEAR = entries('Clear coats, decals, polishing', 7, [
  {
    id: 'clear-over-decals',
    name: 'Clear over decals',
    stage: 8,
    purpose: 'Seals decals without wrinkling them.',
    needs: 'decals dry for 12 h, and looked at for air',
    tools: ['airbrush 0.3 mm'],
    steps: [
      {
        step: {
          do: 'clear',
          family: 'alcohol-acrylic',
          sheen: 'gloss',
          coats: ['mist', 'mist', 'light'],
          checked: ['bubbles'],
        },
        window: 'the flash time between; never a wet first coat',
      },
    ],
    lookFor: 'Film edges that disappear; no wrinkle.',
    faults: ['decal-wrinkled', 'silvering'],
  },
  {
    id: 'last-wet-coat',
    name: 'Last wet coat',
    stage: 13,
    purpose: 'A clear that levels by itself: thinned 10–20 points more with levelling thinner.',
    needs: 'mist and light coats of the same clear under it',
    tools: ['airbrush 0.4 mm'],
    steps: [
      {
        step: {
          do: 'clear',
          family: 'lacquer',
          sheen: 'gloss',
          solvent: 'lacquer-mild',
          thinning: 0.65,
          coats: ['mist', 'light', 'wet'],
        },
      },
    ],
    amounts: '60–70 % thinner for the wet coat, more in a cold room',
    lookFor: 'A wet edge all round that lies down.',
    faults: ['orange-peel', 'runs', 'white-frost'],
  },
  {
    id: 'decals',
    name: 'Decals',
    stage: 8,
    purpose: 'Markings that look painted on.',
    surface: ['gloss', 'semi-gloss'],
    needs: 'a whole gloss clear under them',
    tools: ['sharp blade', 'warm water', 'setting fluid', 'softening fluid', 'cotton swab'],
    steps: [
      { step: { do: 'decal', minutes: 30 }, window: 'move within 3 min of setting fluid' },
      { step: { do: 'decal-soften', minutes: 10 }, window: 'leave it alone while it wrinkles' },
    ],
    lookFor: 'No air; prick and soften bubbles before clear; slit over bumps, cut along lines.',
    faults: ['silvering', 'decal-wrinkled'],
    variants: [
      { name: 'Large ones', say: 'in pieces' },
      { name: 'Compound curves', say: 'heavy film warmed gently' },
    ],
  },
  {
    id: 'level-and-polish',
    name: 'Level and polish',
    stage: 13,
    purpose: 'A car finish: clear cut flat and polished to depth.',
    needs: '3 or more coats of clear, cured; then 3 more',
    tools: ['2000 wet on a flat block', '3000 and finer', 'compounds', 'soft cloth'],
    steps: [
      {
        step: { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
      },
      { step: { do: 'cut-polish', grit: 2000, minutes: 40 }, window: 'once it sands' },
      {
        step: { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
      },
      { step: { do: 'cut-polish', grit: 3000, minutes: 30 }, window: 'once it is cured' },
      { step: { do: 'compound', minutes: 40 } },
    ],
    lookFor: 'Even matt, then depth; stay off edges, they keep their paint.',
    faults: ['rub-through', 'bubbles'],
    schools: ['finalSheen'],
  },
  {
    id: 'clear-as-stage',
    name: 'Clear as a stage',
    stage: 10,
    purpose: 'Gloss for flow, satin or matt for tooth, either as a lock over what is done.',
    needs: 'a clear whose solvent leaves what is under it alone',
    tools: ['airbrush 0.3 mm'],
    steps: [
      { step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] } },
    ],
    lookFor: 'The whole face covered, thin.',
    faults: ['white-frost', 'effect-lost'],
    schools: ['shielding', 'betweenLayers'],
    variants: [
      { name: 'Gloss', say: 'before lining and decals' },
      { name: 'Satin or matt', say: 'before oils, filters and powders' },
    ],
  },
  {
    id: 'final-sheen',
    name: 'Even out the final sheen',
    stage: 13,
    purpose: 'One sheen over everything that was glued, painted and washed.',
    needs: 'glass and lenses masked; wet and metal effects come after it',
    tools: ['airbrush 0.3 mm', 'masks for glass'],
    steps: [
      { step: { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] } },
    ],
    lookFor: 'No shiny patch under a low lamp.',
    faults: ['white-frost', 'effect-lost'],
    schools: ['finalSheen'],
  },
])
