/** Saves a file on this device. */
export function saveBlob(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** Saves a text as a file on this device. */
export const saveText = (text: string, type: string, name: string): void => saveBlob(new Blob([text], { type }), name);
