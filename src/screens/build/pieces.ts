/** A part's core sample, and all that is done on it. */
export const loadSample = () => import('./PartSample')
