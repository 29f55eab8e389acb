import { Button } from "@chakra-ui/react";
import { useMutation } from "@tanstack/react-query";
import { api } from "../api/client";
import { hourCycle } from "../shared/calendar";

/** 17:30 or 5:30 pm, for the whole club. */
export function HoursSwitch() {
  const isH24 = hourCycle() === "H24";
  const change = useMutation({
    mutationFn: () => api.PUT("/api/club", { body: { hourCycle: isH24 ? "H12" : "H24" } }),
    // Times stand on every page; draw them all anew.
    onSuccess: () => window.location.reload(),
  });
  return (
    <Button
      variant="ghost"
      px="1"
      fontWeight="400"
      disabled={change.isPending}
      title={isH24 ? "Say 5:30 pm, in the whole club" : "Say 17:30, in the whole club"}
      onClick={() => change.mutate()}
    >
      {isH24 ? "24 h" : "am · pm"}
    </Button>
  );
}
