package dev.jubilee.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;

/** TLS, by Jubilee itself and by the proxy that the documentation describes. */
@ExtendWith(RunningServer.class)
class SecureTest {
  private static final String PASSWORD = "a-key-for-a-test";

  @TempDir private static Path folder;
  private static SSLContext trusting;

  @BeforeAll
  static void aCertificate() throws Exception {
    Path keys = folder.resolve("keys.p12");
    run(
        tool("keytool"),
        "-genkeypair",
        "-alias",
        "web",
        "-keyalg",
        "EC",
        "-dname",
        "CN=localhost",
        "-ext",
        "SAN=dns:localhost,ip:127.0.0.1",
        "-storetype",
        "PKCS12",
        "-keystore",
        keys.toString(),
        "-storepass",
        PASSWORD);
    KeyStore store = KeyStore.getInstance(keys.toFile(), PASSWORD.toCharArray());
    KeyStore trusted = KeyStore.getInstance("PKCS12");
    trusted.load(null, null);
    trusted.setCertificateEntry("web", store.getCertificate("web"));
    TrustManagerFactory managers =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    managers.init(trusted);
    trusting = SSLContext.getInstance("TLS");
    trusting.init(null, managers.getTrustManagers(), null);
  }

  @Test
  void withAKeyStoreCookiesAreSecureAndBrowsersStayWithTls() throws Exception {
    String url = RunningServer.freshDatabase("secure_" + ProcessHandle.current().pid());
    try (ConfigurableApplicationContext application =
        RunningServer.start(
            url,
            "--server.ssl.bundle=web",
            "--spring.ssl.bundle.jks.web.keystore.type=PKCS12",
            "--spring.ssl.bundle.jks.web.keystore.location=file:" + folder.resolve("keys.p12"),
            "--spring.ssl.bundle.jks.web.keystore.password=" + PASSWORD)) {
      expectSecure(
          RunningServer.base(application).replace("http://127.0.0.1", "https://localhost"));
    }
  }

  @Test
  void behindNginxAsTheDocumentationHasIt() throws Exception {
    Path keys = folder.resolve("keys.p12");
    Path pem = folder.resolve("all.pem");
    run(
        "openssl",
        "pkcs12",
        "-in",
        "" + keys,
        "-nodes",
        "-passin",
        "pass:" + PASSWORD,
        "-out",
        "" + pem);
    int plain = freePort();
    int secure = freePort();
    String site =
        Files.readString(Path.of("../docs/nginx/jubilee.conf"))
            .replace("127.0.0.1:8520", URI.create(RunningServer.base()).getAuthority())
            .replaceAll("listen \\[::\\].*;", "")
            .replace("listen 80;", "listen 127.0.0.1:" + plain + ";")
            .replace("listen 443 ssl;", "listen 127.0.0.1:" + secure + " ssl;")
            .replaceAll("ssl_certificate .*;", "ssl_certificate " + pem + ";")
            .replaceAll("ssl_certificate_key .*;", "ssl_certificate_key " + pem + ";");
    Path file = folder.resolve("nginx.conf");
    Files.writeString(
        file,
        "daemon off; user root; pid %s/nginx.pid; error_log %s/error.log; events {} http { client_body_temp_path %s/b; proxy_temp_path %s/p; fastcgi_temp_path %s/f; uwsgi_temp_path %s/u; scgi_temp_path %s/s; %s }"
            .replace("%s/", folder + "/")
            .replace("%s", site)
            .replace(
                "user root; ",
                System.getProperty("user.name").equals("root") ? "user root; " : ""));
    Process nginx =
        new ProcessBuilder("/usr/sbin/nginx", "-c", file.toString(), "-e", folder + "/start.log")
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("nginx.log").toFile())
            .start();
    try {
      expectSecure("https://localhost:" + secure);
    } finally {
      nginx.destroy();
      nginx.waitFor(10, TimeUnit.SECONDS);
    }
  }

  private static void expectSecure(String server) throws Exception {
    HttpClient http = HttpClient.newBuilder().sslContext(trusting).build();
    HttpResponse<String> answer = await(http, server + "/api/me");
    Map<String, List<String>> headers = answer.headers().map();
    assertThat(headers.get("strict-transport-security")).isNotEmpty();
    assertThat(headers.get("set-cookie")).isNotEmpty().allMatch(c -> c.contains("; Secure"));
    String token = headers.get("set-cookie").get(0).replaceFirst("XSRF-TOKEN=([^;]*);.*", "$1");
    HttpResponse<String> wrong =
        http.send(
            HttpRequest.newBuilder(URI.create(server + "/api/sign-in"))
                .header("Content-Type", "application/json")
                .header("Cookie", "XSRF-TOKEN=" + token)
                .header("X-XSRF-TOKEN", token)
                .POST(
                    HttpRequest.BodyPublishers.ofString(
                        "{\"email\":\"a@b.example\",\"password\":\"c\"}"))
                .build(),
            HttpResponse.BodyHandlers.ofString());
    assertThat(wrong.statusCode()).isEqualTo(401);
    assertThat(wrong.body()).contains("do not match");
  }

  private static HttpResponse<String> await(HttpClient http, String url) throws Exception {
    IOException last = null;
    for (int i = 0; i < 50; i++) {
      try {
        return http.send(
            HttpRequest.newBuilder(URI.create(url)).build(), HttpResponse.BodyHandlers.ofString());
      } catch (IOException e) {
        last = e;
        Thread.sleep(200);
      }
    }
    throw last;
  }

  private static String tool(String name) {
    return Path.of(System.getProperty("java.home"), "bin", name).toString();
  }

  private static void run(String... command) throws Exception {
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("tool.log").toFile())
            .start();
    assertThat(process.waitFor()).as(String.join(" ", command)).isZero();
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }
}
