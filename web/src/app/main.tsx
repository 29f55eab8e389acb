import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource-variable/besley";
import "../shared/tokens.css";
import { ChakraProvider } from "@chakra-ui/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Problem } from "../api/problem";
import { App } from "./App";
import { system } from "./system";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      // What is away is asked for again when it is back.
      retry: (count, error) => !(error instanceof Problem && error.status > 0) && count < 2,
    },
  },
});

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <App />
        </QueryClientProvider>
      </ChakraProvider>
    </StrictMode>,
  );
}
