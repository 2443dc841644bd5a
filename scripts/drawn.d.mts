/** Numbers from 0 to 1, the same for the same seed. */
export function drawn(seed: number): () => number
