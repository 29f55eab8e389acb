package dev.jubilee.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;

/**
 * A local network of two: this machine, and a phone in a network namespace of its own that reaches
 * nothing else. To make one takes root's rights; elsewhere the phone is this machine under another
 * name.
 */
final class PhoneNetwork implements AutoCloseable {
  private static final String NAME = "boathouse.example";

  private final String namespace;
  private final String address;
  private final Path chromium;

  private PhoneNetwork(String namespace, String address, Path chromium) {
    this.namespace = namespace;
    this.address = address;
    this.chromium = chromium;
  }

  static PhoneNetwork open() throws IOException {
    long pid = ProcessHandle.current().pid();
    String namespace = "jubilee-" + pid;
    // Of the block for benchmarks of such devices, which no real network uses.
    String network = "198.18." + pid % 256 + ".";
    String ours = "ju" + pid % 100_000 + "a";
    String theirs = "ju" + pid % 100_000 + "b";
    boolean isMade =
        isDone("ip", "netns", "add", namespace)
            && isDone(
                "ip link add %s type veth peer name %s netns %s"
                    .formatted(ours, theirs, namespace)
                    .split(" "))
            && isDone("ip addr add %s1/30 dev %s".formatted(network, ours).split(" "))
            && isDone("ip link set %s up".formatted(ours).split(" "))
            && isDone(
                "ip -n %s addr add %s2/30 dev %s".formatted(namespace, network, theirs).split(" "))
            && isDone("ip -n %s link set %s up".formatted(namespace, theirs).split(" "))
            && isDone("ip -n %s link set lo up".formatted(namespace).split(" "));
    if (!isMade) {
      System.out.println("No network can be made here; the phone is this machine's other name.");
      return new PhoneNetwork("", NAME, Path.of(RunningJubilee.CHROMIUM));
    }
    Path inside =
        Files.createTempFile(
            "phone",
            ".sh",
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
    Files.writeString(
        inside,
        "#!/bin/sh\nexec ip netns exec %s %s \"$@\"\n"
            .formatted(namespace, RunningJubilee.CHROMIUM));
    return new PhoneNetwork(namespace, network + "1", inside);
  }

  /** Where the server must listen, so that the phone reaches it. */
  String listen() {
    return isReal() ? address : "127.0.0.1";
  }

  /** What the phone calls the server. */
  String server(int port) {
    return "http://" + address + ":" + port;
  }

  /** What the server has to be told of how others reach it: nothing, where it can see so itself. */
  String publicUrl(int port) {
    return isReal() ? "" : server(port);
  }

  Browser phone(Playwright playwright) {
    return playwright
        .chromium()
        .launch(
            RunningJubilee.headless("--host-resolver-rules=MAP " + NAME + " 127.0.0.1")
                .setExecutablePath(chromium));
  }

  private boolean isReal() {
    return !namespace.isEmpty();
  }

  @Override
  public void close() throws IOException {
    if (isReal()) {
      // Its end of the pair goes with it, and ours with that.
      isDone("ip", "netns", "del", namespace);
      Files.delete(chromium);
    }
  }

  private static boolean isDone(String... command) {
    try {
      Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
      String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      boolean isDone = process.waitFor() == 0;
      if (!isDone) {
        System.out.println(List.of(command) + ": " + said.strip());
      }
      return isDone;
    } catch (IOException e) {
      System.out.println(List.of(command) + ": " + e.getMessage());
      return false;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new UncheckedIOException(new IOException(e));
    }
  }
}
