// A page as a visitor has it, in front of a server that a test writes.
import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes, useLocation } from "react-router";
import { system } from "../app/system";
import { serving } from "./setup";

/** A request as the server saw it. */
export interface Asked {
  method: string;
  path: string;
  query: Record<string, string>;
  body: unknown;
}

type Handlers = Record<string, (asked: Asked) => unknown>;

export function json(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: { "Content-Type": "application/json" },
  });
}

/** A refusal that names fields. */
export function refusal(errors: Record<string, string>, status = 422): Response {
  const detail = "Some fields were not accepted.";
  const fields = Object.entries(errors).map(([field, accepted]) => ({ field, accepted }));
  return json({ detail, errors: fields }, status);
}

/**
 * Answers requests from now on; what nobody answers is a failure of the test.
 *
 * @param handlers by "METHOD /path"; an answer that is no Response is sent as JSON
 * @returns what was asked, in order
 */
export function serve(handlers: Handlers): Asked[] {
  const log: Asked[] = [];
  serving.answer = async (request) => {
    const url = new URL(request.url);
    const text = await request.text();
    const asked: Asked = {
      method: request.method,
      path: url.pathname,
      query: Object.fromEntries(url.searchParams),
      body: text === "" ? undefined : JSON.parse(text),
    };
    log.push(asked);
    const handler = handlers[`${asked.method} ${asked.path}`];
    if (!handler) return json({ detail: `no answer to ${asked.method} ${asked.path}` }, 500);
    const answer = await handler(asked);
    return answer instanceof Response ? answer : json(answer);
  };
  return log;
}

export function queryClient(): QueryClient {
  return new QueryClient({
    defaultOptions: { queries: { retry: false }, mutations: { retry: false } },
  });
}

/**
 * Shows an element at an address.
 *
 * @param at the address
 * @param path the route it is under, when it reads parameters
 */
export function show(element: ReactNode, { at = "/", path = "*" } = {}) {
  return render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={queryClient()}>
        <MemoryRouter initialEntries={[at]}>
          <Address />
          <Routes>
            <Route path={path} element={element} />
            <Route path="*" element={<p>elsewhere</p>} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

function Address() {
  return <output data-testid="address">{useLocation().pathname}</output>;
}
