import type { TestGround } from '../../model/testPiece'

/** What a test piece is. Source: handbook 13.3. */
export const GROUND_WORDS: Record<TestGround, string> = {
  spoon: 'A spoon',
  card: 'A card',
  scrap: 'A scrap of the same plastic',
  inside: 'The inside of a part',
}
