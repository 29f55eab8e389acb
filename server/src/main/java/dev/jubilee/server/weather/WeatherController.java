package dev.jubilee.server.weather;

import dev.jubilee.core.circumstances.Place;
import dev.jubilee.server.problem.Limits;
import dev.jubilee.server.problem.NotFoundException;
import java.time.LocalDateTime;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The forecast for a place and a local time. */
@RestController
@RequestMapping("/api/weather")
class WeatherController {
  private final WeatherService weather;

  WeatherController(WeatherService weather) {
    this.weather = weather;
  }

  @GetMapping
  WeatherService.Forecast forecast(
      @RequestParam Place place,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME) LocalDateTime at) {
    Limits.within("at", at.toLocalDate());
    return weather.at(place, at).orElseThrow(() -> new NotFoundException("forecast"));
  }
}
