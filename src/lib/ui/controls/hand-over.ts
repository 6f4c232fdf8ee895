/** Hands a text over as a file, whatever the server does. */
export function handOverFile(text: string, type: string, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** A name as part of a file's name. */
export const toFileName = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
