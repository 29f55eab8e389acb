// The weather at a place and time, as the club's service tells it.
import { queryOptions } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { Forecast, Place } from "../api/types";

/** @param at local time, "2026-11-25T06:45:00" */
export function forecastQuery(place: Place, at: string) {
  return queryOptions({
    queryKey: ["weather", place, at],
    queryFn: () => data(api.GET("/api/weather", { params: { query: { place, at } } })),
    staleTime: 600_000,
    retry: false,
  });
}

export function forecastWords({ temperature, wind, humidity, wet, source }: Forecast): string {
  const words = [
    `${temperature} °C`,
    wind > 0 && `wind ${wind} km/h`,
    `${humidity} % humid`,
    wet && "rain",
  ].filter(Boolean);
  return `${words.join(", ")} (${source})`;
}
