/** Where a word stands on the page of words. */
export const anchorOf = (word: string): string => word.replaceAll(/[ ,]+/g, '-')
