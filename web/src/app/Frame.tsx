import { Box, Button, Flex } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, type ReactNode, type RefObject } from "react";
import { NavLink, useLocation } from "react-router";
import { api } from "../api/client";
import type { Me } from "../api/types";
import { MeasuresSwitch } from "../shared/MeasuresSwitch";
import { Pennant } from "../shared/icons";
import { ErrorBoundary } from "./ErrorBoundary";

const PLACES = [
  { to: "/day", label: "Day" },
  { to: "/board", label: "Board" },
  { to: "/block", label: "Block" },
  { to: "/athletes", label: "Athletes" },
  { to: "/library", label: "Library" },
  { to: "/club", label: "Club" },
];

/** The strip at the top and the page below it. */
export function Frame({ me, children }: { me: Me; children: ReactNode }) {
  const queries = useQueryClient();
  const { pathname } = useLocation();
  const main = useRef<HTMLElement>(null);
  useFocusOnArrival(main, pathname.split("/")[1] ?? "");
  async function signOut() {
    await api.POST("/api/sign-out");
    queries.clear();
    window.location.assign("/");
  }
  return (
    <Box minH="100vh">
      <a className="skip" href="#content">
        Skip to the page
      </a>
      <Flex
        as="header"
        align="center"
        gap={{ base: "3", md: "6" }}
        px={{ base: "3", md: "6" }}
        h="48px"
        borderBottom="1px solid var(--rule)"
      >
        <Flex align="center" gap="2" fontFamily="heading" fontSize="lg" fontWeight="700">
          <Pennant size={20} />
          <Box srOnly={{ base: true, sm: false }}>Jubilee</Box>
        </Flex>
        <Flex as="nav" aria-label="Main" gap={{ base: "2.5", md: "5" }} h="100%">
          {PLACES.map(({ to, label }) => (
            <NavLink
              key={to}
              to={to}
              style={({ isActive }) => ({
                display: "flex",
                alignItems: "center",
                padding: "0 2px",
                fontWeight: 600,
                borderBottom: `3px solid ${isActive ? "var(--ember-4)" : "transparent"}`,
              })}
            >
              {label}
            </NavLink>
          ))}
        </Flex>
        <Box flex="1" />
        <Box color="inkSoft" fontSize="sm" hideBelow="md">
          {me.coachName}, {me.club.name}
        </Box>
        <Box hideBelow="sm">
          <MeasuresSwitch />
        </Box>
        <Button variant="ghost" hideBelow="sm" onClick={() => void signOut()}>
          Sign out
        </Button>
      </Flex>
      <Box
        as="main"
        id="content"
        ref={main}
        tabIndex={-1}
        px={{ base: "3", md: "6" }}
        py="4"
        maxW="1500px"
        mx="auto"
      >
        <ErrorBoundary page={pathname}>{children}</ErrorBoundary>
      </Box>
    </Box>
  );
}

/** Whoever goes to another part of the application by keyboard or screen reader arrives there. */
function useFocusOnArrival(main: RefObject<HTMLElement | null>, part: string) {
  const from = useRef(part);
  useEffect(() => {
    if (from.current === part) return;
    from.current = part;
    main.current?.focus({ preventScroll: true });
  }, [main, part]);
}
