// Places, their kit, and where a sport's sessions usually are, as the server knows them.
import { useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { Kit, Place, Sport } from "../api/types";

export interface Places {
  /** Where a sport's sessions are unless said otherwise. */
  usual: (sport: Sport) => Place;
  /** What is there for a session in a sport. */
  kit: (place: Place, sport: Sport) => Kit[];
}

export function usePlaces(): Places {
  const places = useQuery({
    queryKey: ["places"],
    queryFn: () => data(api.GET("/api/places")),
    staleTime: Infinity,
  });
  return {
    usual: (sport) => places.data?.find((p) => p.usualFor.includes(sport))?.place ?? "TRACK",
    kit: (place, sport) => places.data?.find((p) => p.place === place)?.usualKit[sport] ?? [],
  };
}
