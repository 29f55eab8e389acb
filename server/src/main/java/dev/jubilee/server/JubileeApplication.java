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

  /** The only clock: every class that needs the time is given this one. */
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
