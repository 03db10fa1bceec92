/** What stands in a sentence beside its words: a name, or a figure that is written as it is. */
export type Said = string | number;
