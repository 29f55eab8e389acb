/** Copies a text; also where the page came without TLS, and browsers offer no clipboard. */
export async function copy(text: string): Promise<void> {
  if ("clipboard" in navigator && window.isSecureContext) {
    await navigator.clipboard.writeText(text);
    return;
  }
  const area = document.createElement("textarea");
  area.value = text;
  document.body.append(area);
  area.select();
  // There is no other way without TLS.
  // eslint-disable-next-line @typescript-eslint/no-deprecated
  const isCopied = document.execCommand("copy");
  area.remove();
  if (!isCopied) throw new Error("this browser does not let the page copy");
}
