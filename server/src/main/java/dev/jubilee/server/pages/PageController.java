package dev.jubilee.server.pages;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Addresses inside the web application all begin at one of its two pages. */
@Controller
class PageController {
  @GetMapping({
    "/",
    "/sign-in",
    "/day/**",
    "/weeks/**",
    "/months/**",
    "/board/**",
    "/review/**",
    "/athletes/**",
    "/block/**",
    "/library",
    "/club",
    "/set-up",
    "/join",
    "/password",
    "/sessions/**",
    "/prescriptions/**"
  })
  String coach() {
    return "forward:/index.html";
  }

  /** The athlete's own, much smaller page. */
  @GetMapping({"/f/{token}", "/f/{token}/", "/f/{token}/print", "/f/me/{token}", "/f/me/{token}/"})
  String athlete() {
    return "forward:/follow.html";
  }

  /** Below its link, so that what is put on a home screen begins there. */
  @GetMapping({"/f/{token}/manifest.webmanifest", "/f/me/{token}/manifest.webmanifest"})
  String manifest() {
    return "forward:/follow.webmanifest";
  }

  /** Built files carry a hash in their names and never change. */
  @Configuration
  static class Caching implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
      registry
          .addResourceHandler("/assets/**")
          .addResourceLocations("classpath:/static/assets/")
          .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
      // The one that the reader itself keeps to.
      registry
          .addResourceHandler("/drill-library.schema.json")
          .addResourceLocations("classpath:/library/");
    }
  }
}
