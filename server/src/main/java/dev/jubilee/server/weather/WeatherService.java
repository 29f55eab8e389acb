package dev.jubilee.server.weather;

import dev.jubilee.core.circumstances.Place;
import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Tells the weather where a club trains. Asked when a coach plans a session or takes the forecast
 * in the builder; a real service may take its place by being the only bean of this type.
 */
public interface WeatherService {

  /**
   * The weather at a place and time.
   *
   * @param at local time of the club
   * @return empty when it is too far off or not known, never null
   */
  Optional<Forecast> at(Place place, LocalDateTime at);

  /**
   * What is expected; indoors what the room is like.
   *
   * @param temperature °C
   * @param wind km/h, 0 indoors
   * @param humidity relative, %
   * @param wet whether it rains
   * @param source named to the coach
   */
  record Forecast(int temperature, int wind, int humidity, boolean wet, String source) {}
}
