package dev.jubilee.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class JubileeApplication {
  public static void main(String[] args) {
    SpringApplication.run(JubileeApplication.class, args);
  }
}
