/** What is on the screen comes first: then what finds things, ms after the page came, or as soon as it is wanted. */
export const SETTLED = 2000
