package dev.jubilee.server.weather;

import dev.jubilee.core.circumstances.Place;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.SplittableRandom;
import org.springframework.stereotype.Component;

/**
 * Invented weather for Lantern Mere: the seasons of a cool lake, warmest in the afternoon, with
 * fronts that last a day. The same time always has the same weather.
 */
@Component
class SimulatedWeather implements WeatherService {
  private static final String SOURCE = "simulated";
  private static final double YEAR = 10;
  private static final double SUMMER = 9;
  private static final double AFTERNOON = 4;
  private static final int MIDSUMMER = 200;
  private static final int WARMEST_HOUR = 15;

  @Override
  public Optional<Forecast> at(Place place, LocalDateTime at) {
    double season = Math.cos(2 * Math.PI * (at.getDayOfYear() - MIDSUMMER) / 365.25);
    double day = Math.cos(2 * Math.PI * (at.getHour() + at.getMinute() / 60.0 - WARMEST_HOUR) / 24);
    SplittableRandom front = new SplittableRandom(at.toLocalDate().toEpochDay());
    double shift = 3 * (front.nextDouble() - 0.5) + 3 * (front.nextDouble() - 0.5);
    boolean wet = front.nextDouble() < 0.3 - 0.1 * season;
    int wind = (int) Math.round(4 + 22 * Math.pow(front.nextDouble(), 2) + (wet ? 6 : 0));
    double outside = YEAR + SUMMER * season + AFTERNOON * day + shift - (wet ? 2 : 0);
    int humidity = (int) Math.round(Math.min(98, 72 - 12 * day - 6 * season + (wet ? 18 : 0)));
    return Optional.of(
        switch (place) {
          case POOL_DECK -> new Forecast(27, 0, 65, false, SOURCE);
          case GYM, VELODROME, STAIRS -> new Forecast(19, 0, 45, false, SOURCE);
          case LIVING_ROOM, HOTEL_ROOM -> new Forecast(21, 0, 45, false, SOURCE);
          // Unheated: half way between outside and a mild room.
          case BOATHOUSE ->
              new Forecast((int) Math.round((outside + 12) / 2), 0, humidity, false, SOURCE);
          case TRACK, ROAD, CAR_PARK, TRAIL, BEACH, WATERSIDE ->
              new Forecast((int) Math.round(outside), wind, humidity, wet, SOURCE);
        });
  }
}
