package dev.jubilee.server.guard;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** A client that stops in the middle of its body is not waited for long. */
@Component
class WebServerLimits implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String UPLOAD_MILLIS = "5000";

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addConnectorCustomizers(
        connector -> {
          connector.setProperty("disableUploadTimeout", "false");
          connector.setProperty("connectionUploadTimeout", UPLOAD_MILLIS);
        });
  }
}
