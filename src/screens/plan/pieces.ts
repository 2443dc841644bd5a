/** The plan evening by evening, as it is looked at first. */
export const loadEvenings = () => import('./evenings/Evenings')
