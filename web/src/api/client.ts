// Typed calls to the server. A failed call throws a Problem.
import createClient, { type Middleware } from "openapi-fetch";
import { Problem, problemOf } from "./problem";
import type { paths } from "./schema";
import { heard } from "./standing";

function cookie(name: string): string | undefined {
  const match = document.cookie.split("; ").find((c) => c.startsWith(`${name}=`));
  return match && decodeURIComponent(match.slice(name.length + 1));
}

const guard: Middleware = {
  onRequest({ request }) {
    const token = cookie("XSRF-TOKEN");
    if (token) request.headers.set("X-XSRF-TOKEN", token);
    return request;
  },
  async onResponse({ request, response }) {
    heard(new URL(request.url).pathname, response.status);
    if (!response.ok) throw await problemOf(response);
    return response;
  },
  onError({ request }) {
    heard(new URL(request.url).pathname, 0);
    return new Problem(0, "The server cannot be reached. Nothing you typed is lost.", []);
  },
};

export const api = createClient<paths>({ baseUrl: window.location.origin });
api.use(guard);

/** The data of an answer that has some. */
export async function data<T>(call: Promise<{ data?: T }>): Promise<T> {
  const answer = await call;
  if (answer.data === undefined) throw new Problem(0, "The server sent nothing.", []);
  return answer.data;
}
