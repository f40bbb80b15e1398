/** Hands a text to the browser as a download; nothing leaves the machine. */
export function saveText(fileName: string, text: string, type: string): void {
  save(fileName, new Blob([text], { type }));
}

function save(fileName: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** The same for a file that is no text. */
export function saveBytes(fileName: string, bytes: Uint8Array, type: string): void {
  save(fileName, new Blob([bytes as Uint8Array<ArrayBuffer>], { type }));
}
