package dev.jubilee.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the server. */
@SpringBootApplication
public class JubileeApplication {
  public static void main(String[] args) {
    SpringApplication.run(JubileeApplication.class, args);
  }

  /** The one clock: whatever asks what time it is asks this one. */
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
