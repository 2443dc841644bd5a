/** A heading inside a chapter of the handbook, or a rule that it tells of, and where it stands. */
export type HandbookSection = { says: string; to: string; is: 'chapter' | 'rule' }
