package dev.jubilee.server.pages;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Collections;
import java.util.Comparator;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where other devices reach the server: what links and QR codes say. */
@Component
public class PublicAddress {
  private final String configured;
  private final InetAddress listening;
  private final boolean isSecure;
  private int port;

  PublicAddress(
      @Value("${jubilee.public-url:}") String configured,
      @Value("${server.address}") InetAddress listening,
      @Value("${server.ssl.bundle:}") String bundle) {
    this.configured = configured.strip().replaceFirst("/+$", "");
    this.listening = listening;
    this.isSecure = !bundle.isEmpty();
  }

  @EventListener
  void listening(WebServerInitializedEvent event) {
    port = event.getWebServer().getPort();
  }

  /**
   * As configured; else, when the server listens beyond this machine, its address in the local
   * network. Empty when only this machine reaches it.
   */
  public Optional<String> forOthers() {
    if (!configured.isEmpty()) {
      return Optional.of(configured);
    }
    if (listening.isLoopbackAddress()) {
      return Optional.empty();
    }
    Optional<String> host =
        listening.isAnyLocalAddress() ? localNetwork() : Optional.of(listening.getHostAddress());
    return host.map(h -> (isSecure ? "https://" : "http://") + bracketed(h) + ":" + port);
  }

  private static String bracketed(String host) {
    return host.contains(":") ? "[" + host.replaceFirst("%.*", "") + "]" : host;
  }

  /** The machine's own address, one of version 4 and of a private network first. */
  private static Optional<String> localNetwork() {
    try {
      return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
          .sorted(Comparator.comparing(NetworkInterface::getIndex))
          .filter(PublicAddress::isUp)
          .flatMap(NetworkInterface::inetAddresses)
          .filter(a -> !a.isLoopbackAddress() && !a.isLinkLocalAddress())
          .min(
              Comparator.comparing((InetAddress a) -> a.getAddress().length)
                  .thenComparing(a -> !a.isSiteLocalAddress()))
          .map(InetAddress::getHostAddress);
    } catch (SocketException e) {
      return Optional.empty();
    }
  }

  private static boolean isUp(NetworkInterface network) {
    try {
      return network.isUp() && !network.isLoopback() && !network.isVirtual();
    } catch (SocketException e) {
      return false;
    }
  }
}
