/** What is wrong with one field or row, and how to mend it, in a sentence. */
export type Problem = { field: string; sentence: string }
