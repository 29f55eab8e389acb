// Where other devices find this server.

let publicUrl: string | undefined;

/** As the server was told, or found out; known from the first answer on. */
export function setPublicUrl(url: string | null | undefined): void {
  publicUrl = url ?? undefined;
}

/** The whole address of a path, as it is given to others. */
export function linkTo(path: string): string {
  return (publicUrl ?? window.location.origin) + path;
}

/** Whether only this machine can open such an address. */
export function isOfThisMachine(link: string): boolean {
  const { hostname } = new URL(link);
  return hostname === "localhost" || hostname === "[::1]" || hostname.startsWith("127.");
}
