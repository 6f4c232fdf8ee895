/** A text as CSS takes it in a string: every character by its number alone, so that nothing of the text can end the string or mean anything. */
export const toCssText = (text: string): string =>
  `"${Array.from(text, (each) => `\\${each.codePointAt(0)!.toString(16).padStart(6, '0')}`).join('')}"`;
