/** What fills a sentence: a text that is in the person's language and units already, or a count. */
export type Said = string | number
