/** Time a browser gets to begin a download before its source goes, ms. */
const BEGIN_MS = 60_000;

/** Hands a text to the browser as a download; nothing leaves the machine. */
export function saveText(fileName: string, text: string, type: string): void {
  saveBlob(fileName, new Blob([text], { type }));
}

export function saveBlob(fileName: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), BEGIN_MS);
}

/** The same for a picture that comes as the address a canvas gives it. */
export function savePicture(fileName: string, dataUrl: string): void {
  const bytes = Uint8Array.from(atob(dataUrl.slice(dataUrl.indexOf(',') + 1)), (letter) => letter.charCodeAt(0));
  saveBytes(fileName, bytes, 'image/png');
}

/** The same for a file that is no text. */
export function saveBytes(fileName: string, bytes: Uint8Array, type: string): void {
  saveBlob(fileName, new Blob([bytes as Uint8Array<ArrayBuffer>], { type }));
}
