// RFC 9457 problem details as the server sends them.

export interface FieldError {
  field: string;
  accepted: string;
  /** Where to look in a file that was sent. */
  place?: string;
}

export class Problem extends Error {
  readonly status: number;
  readonly fields: FieldError[];

  constructor(status: number, detail: string, fields: FieldError[]) {
    super(detail);
    this.status = status;
    this.fields = fields;
  }

  /** What would be accepted in a field, if this problem is about it. */
  accepted(field: string): string | undefined {
    return this.fields.find((f) => f.field === field)?.accepted;
  }
}

export async function problemOf(response: Response): Promise<Problem> {
  try {
    const body = (await response.json()) as { detail?: string; errors?: FieldError[] };
    return new Problem(response.status, body.detail ?? "Something went wrong.", body.errors ?? []);
  } catch {
    return new Problem(response.status, "The server did not answer as expected.", []);
  }
}
